<?php

declare(strict_types=1);

namespace App\View;

use App\Logging\Failure;
use App\Models\Edition;
use App\Models\Game;
use App\Models\Run;
use App\Workshop\Findings;
use Fravel\Document\GameDocument;
use Fravel\Document\Scene;
use Fravel\Thing\Things;
use Illuminate\Support\Collection;
use Throwable;

/** One game on the shelf. */
final readonly class Strip
{
    /**
     * @param  Collection<int, Run>  $runs  newest first
     */
    private function __construct(
        public Game $game,
        public RouteMap $map,
        public int $chapters,
        public int $scenes,
        public int $locks,
        public bool $hasEnding,
        public Findings $findings,
        public ?Edition $edition,
        public bool $isAsEdition,
        public Collection $runs,
        public bool $isRead = true,
    ) {
    }

    /** Of what the check says of it. */
    public function mark(): string
    {
        return match (true) {
            ! $this->isRead, $this->findings->errors !== [] => 'wrong',
            $this->findings->isProved => 'open',
            default => 'almost',
        };
    }

    /** Key of the words for it, where there is no error. */
    public function says(): string
    {
        return match (true) {
            ! $this->isRead => 'games.unread',
            ! $this->findings->isProved => 'games.unproved',
            $this->hasEnding => 'games.proved',
            default => 'games.to_uncover',
        };
    }

    /**
     * One that can't be read says so, and keeps nobody from the others.
     *
     * @param  bool  $mayLook  whether there is time to look a game over that was not looked over before
     */
    public static function of(Game $game, bool $mayLook = true): self
    {
        try {
            return self::read($game, $mayLook);
        } catch (Throwable $failure) {
            Failure::tell($failure);

            return new self(
                $game, RouteMap::of(GameDocument::of(['scenes' => []])), 0, 0, 0, false, Findings::notYet(),
                $game->editions->first(), false, $game->runs->values(), false,
            );
        }
    }

    private static function read(Game $game, bool $mayLook): self
    {
        $document = $game->read();
        $edition = $game->editions->first();
        $locks = array_map(static fn (Scene $scene): int => count(Things::locks($scene->things)), $document->scenes());

        return new self(
            $game,
            RouteMap::of($document),
            count($document->chapters()),
            count($document->sceneIds()),
            array_sum($locks),
            $document->hasEnding(),
            Findings::kept($game) ?? ($mayLook ? Findings::of($game) : Findings::notYet()),
            $edition,
            $edition?->hash === hash('sha256', $game->document),
            $game->runs->values(),
        );
    }
}

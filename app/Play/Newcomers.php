<?php

declare(strict_types=1);

namespace App\Play;

use App\Models\Play;
use App\Models\Run;
use App\Storage\EditionFile;
use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Illuminate\Support\Facades\Cache;

/**
 * New plays from one address. A guard makes one play wait between guesses; who begins new plays to guess on with waits
 * for those. Where the plays that were begun last only guess, each further one waits twice as long.
 */
final readonly class Newcomers
{
    /** Plays begun last that are looked at. */
    private const LAST = 20;

    /** So many may guess before anybody waits: a few students stuck at one lock are nothing. */
    private const FREE = 5;

    /** Of those looked at, the part that has to guess. */
    private const MOST_OF = 0.8;

    /** Seconds that the next one waits at most. */
    private const LONGEST = 600;

    private const MEMORY = 7200;

    public function __construct(private Run $run, private string $address)
    {
    }

    /** Seconds until somebody new may begin from here. */
    public function wait(): int
    {
        if ($this->run->names !== null) {
            return 0;
        }
        [$ids, $since] = $this->begun();
        $guessing = count($ids) < self::FREE ? 0 : $this->guessing($ids);
        if ($guessing < self::FREE || $guessing < self::MOST_OF * count($ids)) {
            return 0;
        }

        $most = (int) min(self::LONGEST, 2 ** ($guessing - self::FREE + 1));
        $wait = max(0, $since + $most - Clock::seconds());

        // More than that is a clock that was put back.
        return $wait > $most ? 0 : $wait;
    }

    public function began(Play $play): void
    {
        Cache::put(
            $this->name(),
            [array_slice([...$this->begun()[0], $play->id], -self::LAST), Clock::seconds()],
            self::MEMORY,
        );
    }

    /** The lock at which a guard has stopped this play and that it has not opened yet; null when there is none. */
    public static function stoppedAt(GameDocument $game, PlayState $state): ?string
    {
        foreach ($state->tries as $id => $tries) {
            $guard = $game->lock((string) $id)?->guard;
            if ($guard !== null && $tries >= $guard->tries && ! $state->isOpen((string) $id)) {
                return (string) $id;
            }
        }

        return null;
    }

    /** @param  list<string>  $ids */
    private function guessing(array $ids): int
    {
        $game = EditionFile::of($this->run->edition)->game;
        $plays = $this->run->plays()->whereIn('id', $ids)->get();

        // One that was stopped once is still a student; among many begun in a row it is how guessing looks.
        return $plays->filter(static fn (Play $play): bool => self::stoppedAt($game, $play->read()) !== null)->count();
    }

    /** @return array{list<string>, int} ids of plays, and when the last one began */
    private function begun(): array
    {
        /** @var array{list<string>, int} */
        return Cache::get($this->name()) ?? [[], 0];
    }

    private function name(): string
    {
        return 'newcomers.'.hash('sha256', "{$this->run->id}|{$this->address}");
    }
}

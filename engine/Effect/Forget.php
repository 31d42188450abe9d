<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"forget": "chapter"}`: closes its locks, lowers its covers, begins its find-it boards
 * anew and forgets their tries; tokens and tallies stay. */
final readonly class Forget implements Effect
{
    use Uncounted;

    public const FIELDS = ['forget' => 'chapter'];

    public function __construct(public string $chapter)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('forget'));
    }

    public static function schema(): array
    {
        return ['forget' => ['$ref' => '#/$defs/id']];
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        foreach ($game->locksOf($this->chapter) as $lock) {
            $state = $state->closeLock($lock);
        }
        foreach ($game->coversOf($this->chapter) as $cover) {
            $state = $state->lower($cover);
        }

        return $state->loseAll($game->foundIn($this->chapter));
    }

    public function changes(GameDocument $game): array
    {
        return array_merge(
            array_map(Fact::lifted(...), $game->coversOf($this->chapter)),
            array_map(Fact::found(...), $game->foundIn($this->chapter)),
            ...array_map(
                static fn (string $lock): array => (new CloseLock($lock))->changes($game),
                $game->locksOf($this->chapter),
            ),
        );
    }

    public function isGain(): bool
    {
        return false;
    }

    public function mayTake(): bool
    {
        return true;
    }

    public function said(): Wording
    {
        return new Wording('effect.forget', named: ['part' => [$this->chapter]]);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"forget": "chapter"}`: closes its locks, lowers its covers and forgets their tries; tokens and tallies stay. */
final readonly class Forget implements Effect
{
    public const REFERS = ['forget' => 'chapter'];

    public function __construct(public string $chapter)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('forget'));
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        foreach ($game->locksOf($this->chapter) as $lock) {
            $state = $state->closeLock($lock);
        }
        foreach ($game->coversOf($this->chapter) as $cover) {
            $state = $state->lower($cover);
        }

        return $state;
    }
}

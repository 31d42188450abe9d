<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Check\Search\Reach;
use Fravel\Document\Game;
use Fravel\Document\Reference;
use Fravel\Document\References;
use Fravel\Document\Scene;
use Fravel\Document\Thing\Lock;
use Fravel\Document\Thing\Things;

/** A game with what the search found, for those who look for one kind of finding each. */
final readonly class Study
{
    /** @var list<Reference> */
    public array $references;

    public function __construct(public Game $game, public Reach $reach)
    {
        $this->references = References::in($game->document);
    }

    /** @return list<array{scene: Scene, lock: Lock}> */
    public function locks(): array
    {
        $locks = [];
        foreach ($this->game->scenes() as $scene) {
            foreach (Things::flattened($scene->things) as $thing) {
                if ($thing instanceof Lock) {
                    $locks[] = ['scene' => $scene, 'lock' => $thing];
                }
            }
        }

        return $locks;
    }

    public function titleOf(string $scene): string
    {
        return $this->game->scene($scene)->title ?? $scene;
    }

    public function nameOf(Lock $lock): string
    {
        return $lock->common->label !== '' ? $lock->common->label : mb_strimwidth($lock->ask, 0, 60, '…');
    }
}

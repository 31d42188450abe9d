<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Condition\Fixed;
use Fravel\Document\GameDocument;
use Fravel\Document\Tally;
use Fravel\State\Fact;

/** What no effect in a game ever changes. */
final class ConstantFolding implements Fixed
{
    /** @var array<string, true> facts that effects may change */
    private readonly array $changed;

    private ?string $key = null;

    /** @throws EffortSpent */
    public function __construct(private readonly GameDocument $game, Effort $effort)
    {
        $changed = [];
        foreach ($game->scenes() as $scene) {
            $effort->read(count($scene->things));
            foreach ($scene->reactions() as $list) {
                foreach ($list->reactions as $reaction) {
                    foreach ($reaction->effects as $effect) {
                        $changed += array_fill_keys($effect->changes($game), true);
                    }
                }
            }
        }
        $this->changed = $changed;
    }

    public function tally(string $tally): int|float|null
    {
        return $this->isUnchanged(Fact::tally($tally)) ? $this->game->tallies()[$tally]->start ?? 0 : null;
    }

    public function isUnchanged(string $fact): bool
    {
        return ! isset($this->changed[$fact]);
    }

    /** The same for two games in which the same is fixed at the same values. */
    public function key(): string
    {
        if ($this->key !== null) {
            return $this->key;
        }
        $starts = array_map(static fn (Tally $tally): int|float => $tally->start, $this->game->tallies());
        $changed = array_keys($this->changed);
        sort($changed);

        return $this->key = hash('xxh128', serialize([$changed, $starts]));
    }
}

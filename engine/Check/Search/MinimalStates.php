<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Check\Effort;
use Fravel\Condition\All;
use Fravel\Condition\Any;
use Fravel\Condition\Comparison;
use Fravel\Condition\Condition;
use Fravel\Condition\Has;
use Fravel\Condition\HasOf;
use Fravel\Condition\Lifted;
use Fravel\Condition\Minutes;
use Fravel\Condition\Open;
use Fravel\Condition\OpenOf;
use Fravel\Condition\TallyStands;
use Fravel\Condition\Visited;

/**
 * What a state must hold at least for upward conditions to hold: itself and what they can't do without, in as many ways as
 * there are.
 */
final readonly class MinimalStates
{
    /** More ways than this are not gone through. */
    private const MOST = 1000;

    public function __construct(private StateCodec $facts, private Effort $effort = new Effort)
    {
    }

    /**
     * @param  list<Condition>  $conditions  that hold together
     * @return list<string>|null  states of which one lies under any in which they hold and under which $state lies; null when there are too many
     */
    public function of(string $state, array $conditions): ?array
    {
        $states = [$state];
        foreach ($conditions as $condition) {
            $next = [];
            foreach ($states as $one) {
                $ways = $this->withOne($one, $condition);
                if ($ways === null) {
                    return null;
                }
                array_push($next, ...$ways);
            }
            $states = array_values(array_unique($next));
            if (count($states) > self::MOST) {
                return null;
            }
        }

        return $states;
    }

    /** @return list<string>|null */
    private function withOne(string $state, Condition $condition): ?array
    {
        $this->effort->spend();

        return match (true) {
            $condition instanceof All => $this->of($state, $condition->parts),
            $condition instanceof Any => $this->anyOf($state, $condition->parts),
            $condition instanceof Has => [$this->facts->marked($state, "token:{$condition->token}")],
            $condition instanceof HasOf => $this->someOf($state, 'token', $condition->tokens, $condition->atLeast),
            $condition instanceof Open => [$this->facts->marked($state, "open:{$condition->lock}")],
            $condition instanceof OpenOf => $this->someOf($state, 'open', $condition->locks, $condition->atLeast),
            $condition instanceof Visited => [$this->facts->marked($state, "visited:{$condition->scene}")],
            $condition instanceof Lifted => [$this->facts->marked($state, "lifted:{$condition->cover}")],
            $condition instanceof TallyStands => $this->tallied($state, $condition),
            // The latest moment is the one looked at.
            $condition instanceof Minutes => [$state],
            default => null,
        };
    }

    /**
     * @param  list<Condition>  $conditions
     * @return list<string>|null
     */
    private function anyOf(string $state, array $conditions): ?array
    {
        $states = [];
        foreach ($conditions as $condition) {
            $ways = $this->withOne($state, $condition);
            if ($ways === null) {
                return null;
            }
            array_push($states, ...$ways);
        }
        $states = array_values(array_unique($states));

        return count($states) > self::MOST ? null : $states;
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>|null
     */
    private function someOf(string $state, string $kind, array $ids, int $atLeast): ?array
    {
        $ids = array_values(array_unique($ids));
        if ($atLeast > count($ids)) {
            return [];
        }
        $states = [[$state, 0]];
        foreach ($ids as $place => $id) {
            $next = [];
            foreach ($states as [$one, $count]) {
                if ($count < $atLeast) {
                    $next[] = [$this->facts->marked($one, "{$kind}:{$id}"), $count + 1];
                }
                if ($count + count($ids) - $place > $atLeast || $count >= $atLeast) {
                    $next[] = [$one, $count];
                }
            }
            $states = $next;
            if (count($states) > 4 * self::MOST) {
                return null;
            }
        }

        return array_column($states, 0);
    }

    /** @return list<string>|null */
    private function tallied(string $state, TallyStands $condition): ?array
    {
        $offset = $this->facts->offset("tally:{$condition->tally}");
        if ($offset === null || ($condition->is === Comparison::More && ! $this->facts->asked->isWhole)) {
            return null;
        }
        $least = $condition->is === Comparison::More ? floor($condition->value) + 1 : $condition->value;
        $least = is_float($least) && $least === floor($least) ? (int) $least : $least;

        return [$this->facts->with($state, $offset, max($this->facts->valueAt($state, $offset), $least))];
    }
}

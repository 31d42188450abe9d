<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Condition\All;
use Fravel\Condition\Any;
use Fravel\Condition\Comparison;
use Fravel\Condition\Condition;
use Fravel\Condition\FirstTry;
use Fravel\Condition\HasOf;
use Fravel\Condition\Leads;
use Fravel\Condition\Minutes;
use Fravel\Condition\Not;
use Fravel\Condition\OpenOf;
use Fravel\Condition\TallyStands;
use Fravel\Condition\Tries;

/** Which conditions have the same value at every moment of every play, as far as that can be told from what they ask. */
final readonly class ConstantFolding
{
    /** @var array<string, true> tallies that something counts on */
    private array $changed;

    /** @var array<string, true> tallies that something rules out */
    private array $ruledOut;

    public function __construct(private CheckContext $study)
    {
        [$changed, $ruledOut] = [[], []];
        foreach ($study->references as $reference) {
            if (in_array($reference->field(), ['add', 'set'], true)) {
                $changed[$reference->id] = true;
            }
            if ($reference->field() === 'never') {
                $ruledOut[$reference->id] = true;
            }
        }
        $this->changed = $changed;
        $this->ruledOut = $ruledOut;
    }

    /** Its value; null when it may hold at one moment and not at another. */
    public function value(Condition $condition, string $owner): ?bool
    {
        return match (true) {
            $condition instanceof All => $this->joined($condition->parts, $owner, true),
            $condition instanceof Any => $this->joined($condition->parts, $owner, false),
            $condition instanceof Not => self::opposite($this->value($condition->part, $owner)),
            $condition instanceof HasOf => self::atLeast($condition->atLeast, count(array_unique($condition->tokens))),
            $condition instanceof OpenOf, $condition instanceof FirstTry => self::atLeast($condition->atLeast, count(array_unique($condition->locks))),
            $condition instanceof Leads => count(array_unique($condition->among)) === 1 && ! isset($this->ruledOut[$condition->among[0]]) ? $condition->among[0] === $condition->tally : null,
            $condition instanceof Tries => self::fromOn(0, $condition->is, $condition->value),
            $condition instanceof Minutes => self::fromOn(0, $condition->is, $condition->minutes),
            $condition instanceof TallyStands => isset($this->changed[$condition->tally]) ? null : $condition->is->holds($this->study->game->tallies()[$condition->tally]->start ?? 0, $condition->value),
            default => null,
        };
    }

    /** @param  list<Condition>  $parts */
    private function joined(array $parts, string $owner, bool $isAll): ?bool
    {
        $values = array_map(fn (Condition $part): ?bool => $this->value($part, $owner), $parts);
        if (in_array(! $isAll, $values, true)) {
            return ! $isAll;
        }

        return in_array(null, $values, true) ? null : $isAll;
    }

    private static function opposite(?bool $value): ?bool
    {
        return $value === null ? null : ! $value;
    }

    private static function atLeast(int $wanted, int $there): ?bool
    {
        return $wanted <= 0 ? true : ($wanted > $there ? false : null);
    }

    /** A number that starts at the least it can be and only grows, compared with another. */
    private static function fromOn(int $least, Comparison $is, int|float $value): ?bool
    {
        return match ($is) {
            Comparison::AtLeast => $value <= $least ? true : null,
            Comparison::More => $value < $least ? true : null,
            Comparison::Less => $value <= $least ? false : null,
            Comparison::AtMost, Comparison::Equal => $value < $least ? false : null,
            Comparison::Differs => $value < $least ? true : null,
        };
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Probe;

use Brick\Math\BigRational;
use Fravel\Answer\Unit\Unit;

/**
 * What tells the answers apart that the rules of a lock treat differently: the answers they name, the numbers and
 * lengths at the borders of what they take, the areas. Between two neighbouring borders nothing changes, so one answer
 * on each of them and one in each gap between stand for all there are.
 */
final class Probes
{
    /** Answers of one lock that are made of these at most. */
    public const MOST = 600;

    /** @var array<string, mixed> answers in the shape that an input yields, by what they are written as */
    public array $answers = [];

    /** @var array<string, mixed> answers that something is likely to take */
    public array $attempts = [];

    /** @var list<array{BigRational, Unit|null, string}> number, its unit, and how that is written */
    public array $numbers = [];

    /** @var array{characters: array<int, true>, words: array<int, true>} */
    public array $lengths = ['characters' => [], 'words' => []];

    /** @var list<list<array{float, float}>> */
    public array $areas = [];

    /** Whether some matcher takes answers that no probe tells from those it does not. */
    public bool $isOpaque = false;

    public function answer(mixed $answer): void
    {
        $this->answers[serialize($answer)] = $answer;
    }

    /** Answers worth trying beside those that the borders make. */
    public function attempt(mixed $answer): void
    {
        $this->attempts[serialize($answer)] = $answer;
    }

    /** @param  string  $symbol  of the unit, as it is written */
    public function number(BigRational $border, ?Unit $unit = null, string $symbol = ''): void
    {
        $this->numbers[] = [$border, $unit, $symbol];
    }

    /** @param  'characters'|'words'  $of */
    public function length(int $border, string $of): void
    {
        $this->lengths[$of][$border] = true;
    }

    /** @param  list<array{float, float}>  $corners */
    public function area(array $corners): void
    {
        $this->areas[] = $corners;
    }

    /** What the matcher takes depends on more than these. */
    public function giveUp(): void
    {
        $this->isOpaque = true;
    }

    public function hasLengths(): bool
    {
        return $this->lengths['characters'] !== [] || $this->lengths['words'] !== [];
    }

    /** @return list<string> the named answers that are texts */
    public function texts(): array
    {
        return array_values(array_filter($this->answers, is_string(...)));
    }

    /** @return list<mixed> the named answers that are none */
    public function lists(): array
    {
        return array_values(array_filter($this->answers, static fn (mixed $answer): bool => ! is_string($answer)));
    }

    /**
     * The borders, one number between each two and one beyond either end.
     *
     * @param  list<BigRational>  $borders
     * @return list<BigRational>
     */
    public static function around(array $borders): array
    {
        usort($borders, static fn (BigRational $a, BigRational $b): int => $a->compareTo($b));
        $around = [];
        foreach ($borders as $place => $border) {
            $before = $borders[$place - 1] ?? $border->minus(2);
            if ($place > 0 && $before->isEqualTo($border)) {
                continue;
            }
            array_push($around, $before->plus($border)->dividedBy(2), $border);
        }
        $last = end($borders);

        return $last === false ? [] : [...$around, $last->plus(1)];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

/**
 * What the conditions and the ways of a game ask of a play. Two states that differ in nothing of it are one to the search.
 *
 * @phpstan-type Raw array<array-key, mixed>
 */
final class ObservedState
{
    /** Fields whose texts ask nothing: names, and where a way leads. */
    private const NO_QUESTION = ['id', 'go', 'kind', 'chapter', 'verdict'];

    /** @var array<string, true> ids named by a condition or an effect */
    public array $named = [];

    /** @var array<string, true> locks that an effect opens */
    public array $openedByEffect = [];

    /** @var array<string, true> scenes asked whether they were visited */
    public array $visited = [];

    /** @var array<string, int|float|null> tally → the highest number it is compared with; null when numbers above that matter too */
    public array $tallies = [];

    /** @var array<string, true> tallies compared with each other: for them it matters what is decided or ruled out */
    public array $rivals = [];

    /** @var array<string, int|float> lock → the highest number of tries it is compared with */
    public array $tries = [];

    /** @var array<int, true> seconds since the play began at which a condition on time may turn */
    public array $times = [0 => true];

    /** Whether a route may lead back from elsewhere than where something is done: on arriving, or by a cover that a lock lifts. */
    public bool $leadsBackElsewhere = false;

    /** @var array<string, true> scenes from which one can go back */
    public array $back = [];

    /** Whether every number that tallies start at, gain and are compared with is whole. */
    public bool $isWhole = true;

    /** @var array<string, true> tallies that may fall, or be below 0 */
    private array $falling = [];

    /** @param  array<string, int|float>  $starts  tally → what it starts at */
    public function __construct(RouteDocument $skeleton, array $starts)
    {
        foreach ($starts as $tally => $start) {
            $this->isWhole = $this->isWhole && is_int($start);
            if ($start < 0) {
                $this->falling[$tally] = true;
            }
        }
        foreach ($skeleton->scenes as $id => $scene) {
            $this->walk($scene);
            $this->noteWaysBack($id, $scene);
        }
        foreach (array_keys($this->falling) as $tally) {
            if (array_key_exists($tally, $this->tallies)) {
                $this->tallies[$tally] = null;
            }
        }
    }

    /** @param  Raw  $scene */
    private function noteWaysBack(string $id, array $scene): void
    {
        if (($scene['back'] ?? false) !== true && ! RouteDocument::leadsBack($scene)) {
            return;
        }
        $this->back[$id] = true;
        $covers = array_filter($scene['things'] ?? [], static fn (array $thing): bool => isset($thing['lock']));
        $this->leadsBackElsewhere = $this->leadsBackElsewhere || RouteDocument::leadsBack([$scene['arrive'] ?? null, $scene['refused'] ?? null, $covers]);
    }

    private function walk(mixed $part, bool $isEffect = false): void
    {
        if (! is_array($part)) {
            return;
        }
        $isEffect ? $this->noteEffect($part) : $this->note($part);
        foreach ($part as $key => $inner) {
            if (is_string($inner) && ! in_array($key, self::NO_QUESTION, true)) {
                $this->named[$inner] = true;
            }
            $this->walk($inner, $isEffect || $key === 'do');
        }
    }

    /** @param  Raw  $part */
    private function note(array $part): void
    {
        $number = self::number($part['value'] ?? 0);
        if (is_string($part['visited'] ?? null)) {
            $this->visited[$part['visited']] = true;
        }
        if (is_string($part['tally'] ?? null)) {
            $this->compare($part['tally'], $number);
        }
        if (is_string($part['tries'] ?? null)) {
            $this->tries[$part['tries']] = max($this->tries[$part['tries']] ?? 0, $number);
        }
        foreach (is_array($part['firstTry'] ?? null) ? $part['firstTry'] : [] as $lock) {
            $this->tries[(string) $lock] ??= 0;
        }
        if (is_string($part['leads'] ?? null)) {
            array_map($this->weigh(...), [$part['leads'], ...(is_array($part['among'] ?? null) ? $part['among'] : [])]);
        }
        if (isset($part['minutes'], $part['is']) && is_numeric($part['minutes'])) {
            $this->times[max(0, (int) ceil($part['minutes'] * 60))] = true;
            $this->times[max(0, (int) ceil($part['minutes'] * 60)) + 60] = true;
        }
    }

    /** @param  Raw  $part */
    private function noteEffect(array $part): void
    {
        if (is_string($part['open'] ?? null)) {
            $this->openedByEffect[$part['open']] = true;
        }
        if (is_string($part['add'] ?? null)) {
            $by = self::number($part['by'] ?? 1);
            $this->isWhole = $this->isWhole && is_int($by);
            if ($by < 0) {
                $this->falling[$part['add']] = true;
            }
        }
        if (is_string($part['set'] ?? null)) {
            $to = self::number($part['to'] ?? 0);
            $this->isWhole = $this->isWhole && is_int($to);
            if ($to < 0) {
                $this->falling[$part['set']] = true;
            }
        }
    }

    private function compare(string $tally, int|float $number): void
    {
        $this->isWhole = $this->isWhole && is_int($number);
        $this->tallies[$tally] = array_key_exists($tally, $this->tallies) && $this->tallies[$tally] === null ? null : max($this->tallies[$tally] ?? $number, $number);
    }

    private function weigh(mixed $tally): void
    {
        $tally = is_string($tally) ? $tally : '';
        $this->tallies[$tally] = null;
        $this->rivals[$tally] = true;
    }

    private static function number(mixed $value): int|float
    {
        return is_int($value) || is_float($value) ? $value : 0;
    }
}

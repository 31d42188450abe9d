<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Document\Answer\Answer;
use Fravel\Document\Answer\Input\Options;
use Fravel\Document\Effect\Add;
use Fravel\Document\Effect\Effect;
use Fravel\Document\Game;
use Fravel\Document\Reaction;
use Fravel\Document\Thing\Choice;
use Fravel\Document\Thing\Lock;
use Fravel\Document\Thing\Rule;
use Fravel\Document\Thing\Things;
use Fravel\State\Verdict;

/**
 * What tallies can come to when every question with options is answered once, and every other lock and choice gives what it
 * gives once or never; and which of competing tallies is highest for how large a share of the answers.
 *
 * The shares are exact: all sums are built up question by question, equal ones together. Past a bound they are not said.
 */
final readonly class Scores
{
    /** Different sums at most. */
    private const MOST_SUMS = 50_000;

    /**
     * @param  array<string, array{least: float, most: float}>  $ranges  by tally
     * @param  array<string, float>  $wins  share of all ways to answer in which this tally is highest, or first among equals
     * @param  float  $tied  share in which several are highest
     */
    private function __construct(public array $ranges, public array $wins, public float $tied)
    {
    }

    public static function of(Game $game): self
    {
        $starts = array_map(static fn ($tally): float => (float) $tally->start, $game->tallies());
        $questions = [];
        $maybe = [];
        foreach ($game->scenes() as $scene) {
            foreach (Things::flattened($scene->things) as $thing) {
                match (true) {
                    $thing instanceof Lock && $thing->input instanceof Options && ! $thing->input->many => $questions[] = self::ways($thing, $thing->input, $game->language()),
                    $thing instanceof Lock => array_push($maybe, ...array_map(static fn (Rule $rule): array => self::sum($rule->reaction->effects), self::opening($thing))),
                    $thing instanceof Choice => array_push($maybe, ...array_map(static fn (Reaction $reaction): array => self::sum($reaction->effects), $thing->react)),
                    default => null,
                };
            }
        }
        $questions = array_values(array_filter($questions, static fn (array $ways): bool => array_filter($ways) !== []));
        $among = array_values(array_intersect(self::competing($game), array_keys($starts)));
        [$wins, $tied] = self::shares($questions, $among, $starts);

        return new self(self::ranges($starts, $questions, $maybe), $wins, $tied);
    }

    /** @return list<array<string, float>> what each option adds, with what opening adds */
    private static function ways(Lock $lock, Options $input, string $language): array
    {
        $ways = [];
        foreach (array_column($input->options, 'id') as $id) {
            $answer = $lock->accept($id, $language);
            if ($answer instanceof Answer) {
                $index = $lock->ruleFor($answer);
                $opens = $index === null || $lock->rules[$index]->verdict !== Verdict::Open ? [] : $lock->rules[$index]->reaction->effects;
                $ways[] = self::sum([...$input->effectsOf($answer), ...$opens]);
            }
        }

        return $ways;
    }

    /** @return list<Rule> */
    private static function opening(Lock $lock): array
    {
        return array_slice(array_values(array_filter($lock->rules, static fn (Rule $rule): bool => $rule->verdict === Verdict::Open)), 0, 1);
    }

    /**
     * @param  list<Effect>  $effects
     * @return array<string, float>
     */
    private static function sum(array $effects): array
    {
        $sum = [];
        foreach ($effects as $effect) {
            if ($effect instanceof Add) {
                $sum[$effect->tally] = ($sum[$effect->tally] ?? 0.0) + $effect->by;
            }
        }

        return $sum;
    }

    /** @return list<string> the tallies that some condition compares with each other, in the order in which a tie goes */
    private static function competing(Game $game): array
    {
        $among = [];

        self::collectAmong($game->document, $among);

        return $among;
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  list<string>  $among
     */
    private static function collectAmong(array $part, array &$among): void
    {
        if (isset($part['leads']) && is_array($part['among'] ?? null) && $among === []) {
            $among = array_values(array_filter($part['among'], is_string(...)));
        }
        foreach ($part as $inner) {
            if (is_array($inner)) {
                self::collectAmong($inner, $among);
            }
        }
    }

    /**
     * @param  array<string, float>  $starts
     * @param  list<list<array<string, float>>>  $questions
     * @param  list<array<string, float>>  $maybe
     * @return array<string, array{least: float, most: float}>
     */
    private static function ranges(array $starts, array $questions, array $maybe): array
    {
        $ranges = [];
        foreach ($starts as $tally => $start) {
            [$least, $most] = [$start, $start];
            foreach ($questions as $ways) {
                $by = array_map(static fn (array $way): float => $way[$tally] ?? 0.0, $ways);
                $least += $by === [] ? 0.0 : min($by);
                $most += $by === [] ? 0.0 : max($by);
            }
            foreach ($maybe as $way) {
                $least += min(0.0, $way[$tally] ?? 0.0);
                $most += max(0.0, $way[$tally] ?? 0.0);
            }
            $ranges[$tally] = ['least' => $least, 'most' => $most];
        }

        return $ranges;
    }

    /**
     * @param  list<list<array<string, float>>>  $questions
     * @param  list<string>  $among
     * @param  array<string, float>  $starts
     * @return array{array<string, float>, float}
     */
    private static function shares(array $questions, array $among, array $starts): array
    {
        if ($among === []) {
            return [[], 0.0];
        }
        $sums = [serialize(array_map(static fn (string $tally): float => $starts[$tally] ?? 0.0, $among)) => 1.0];
        foreach ($questions as $ways) {
            $next = [];
            foreach ($sums as $key => $share) {
                /** @var list<float> $sum */
                $sum = unserialize($key, ['allowed_classes' => false]);
                foreach ($ways as $way) {
                    $added = serialize(array_map(static fn (float $value, string $tally): float => $value + ($way[$tally] ?? 0.0), $sum, $among));
                    $next[$added] = ($next[$added] ?? 0.0) + $share / count($ways);
                }
            }
            if (count($next) > self::MOST_SUMS) {
                return [[], 0.0];
            }
            $sums = $next;
        }

        return self::highest($sums, $among);
    }

    /**
     * @param  array<string, float>  $sums  share by sum
     * @param  list<string>  $among
     * @return array{array<string, float>, float}
     */
    private static function highest(array $sums, array $among): array
    {
        $wins = array_fill_keys($among, 0.0);
        $tied = 0.0;
        foreach ($sums as $key => $share) {
            /** @var non-empty-list<float> $sum */
            $sum = unserialize($key, ['allowed_classes' => false]);
            $places = array_keys($sum, max($sum), true);
            $wins[$among[$places[0]]] += $share;
            $tied += count($places) > 1 ? $share : 0.0;
        }

        return [$wins, $tied];
    }
}

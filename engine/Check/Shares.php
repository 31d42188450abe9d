<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Condition\Ties;
use Fravel\Document\GameDocument;
use Fravel\Effect\Effect;
use Fravel\State\PlayState;

/**
 * Which of competing tallies leads for how large a share of the answers, when every question is answered once.
 *
 * The shares are exact: all sums are built up question by question, equal ones together. Past a bound they are not
 * said.
 */
final readonly class Shares
{
    /** Different sums at most. */
    private const MOST_SUMS = 20_000;

    /** Units of effort for one answer added to one sum. */
    private const SUM = 5;

    /**
     * @param  array<string, float>  $wins  share of all ways to answer in which this tally leads; among equals as the
     *     game settles ties
     * @param  float  $tied  share in which several lead
     * @param  float  $none  share in which all are ruled out
     * @param  array<string, list<string>>  $examples  by tally, options by which it leads, one for each question
     */
    private function __construct(
        public array $wins = [],
        public float $tied = 0.0,
        public float $none = 0.0,
        public array $examples = [],
    ) {
    }

    /**
     * @param  list<non-empty-array<string, list<Effect>>>  $questions  what each option of each does
     * @param  list<string>  $among  tallies, in the order in which a tie goes
     */
    public static function of(
        GameDocument $game,
        array $questions,
        array $among,
        Effort $effort = new Effort(),
        Ties $ties = Ties::First,
    ): self {
        $starts = array_map(
            static fn (string $tally): int|float => $game->tallies()[$tally]->start ?? 0,
            array_combine($among, $among),
        );
        $sums = [[PlayState::begin($starts, 0, 0), 1.0, []]];
        foreach ($among === [] ? [] : $questions as $ways) {
            if (count($sums) > self::MOST_SUMS || $effort->isSpent(self::SUM * count($sums) * count($ways))) {
                return new self();
            }
            $sums = self::answered($game, $sums, $ways, $among);
            if (count($sums) > self::MOST_SUMS) {
                return new self();
            }
        }

        return $among === [] ? new self() : self::counted($sums, $among, $ties);
    }

    /**
     * @param  array<array{PlayState, float, list<string>}>  $sums  with the share of each, and the answers of one way
     *     to it
     * @param  non-empty-array<string, list<Effect>>  $ways
     * @param  list<string>  $among
     * @return array<string, array{PlayState, float, list<string>}>
     */
    private static function answered(GameDocument $game, array $sums, array $ways, array $among): array
    {
        $next = [];
        foreach ($sums as [$sum, $share, $answers]) {
            foreach ($ways as $option => $effects) {
                $after = array_reduce(
                    $effects,
                    static fn (PlayState $state, Effect $effect): PlayState => $effect->apply($state, $game),
                    $sum,
                );
                $key = self::key($after, $among);
                $next[$key] = [
                    $after,
                    ($next[$key][1] ?? 0.0) + $share / count($ways),
                    $next[$key][2] ?? [...$answers, $option],
                ];
            }
        }

        return $next;
    }

    /** @param  list<string>  $among */
    private static function key(PlayState $state, array $among): string
    {
        $values = array_map(static fn (string $tally): float => (float) $state->tally($tally), $among);

        return serialize([
            $values,
            array_values(array_intersect($among, $state->decided)),
            array_values(array_intersect($among, $state->ruledOut)),
        ]);
    }

    /**
     * @param  array<array{PlayState, float, list<string>}>  $sums
     * @param  list<string>  $among
     */
    private static function counted(array $sums, array $among, Ties $ties): self
    {
        $wins = array_fill_keys($among, 0.0);
        [$tied, $none, $examples] = [0.0, 0.0, []];
        foreach ($sums as [$sum, $share, $answers]) {
            $leaders = $sum->leaders($among);
            $tied += count($leaders) > 1 ? $share : 0.0;
            $none += $leaders === [] ? $share : 0.0;
            foreach ($leaders as $leader) {
                if ($ties->makesFirst($leader, $leaders)) {
                    $wins[$leader] += $share;
                    $examples[$leader] ??= $answers;
                }
            }
        }

        return new self($wins, $tied, $none, $examples);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Answer\Answer;
use Fravel\Condition\Ties;
use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\References;
use Fravel\Document\Trigger;
use Fravel\Effect\Effect;
use Fravel\State\Fact;
use Fravel\Thing\Lock;
use Fravel\Thing\Rule;
use Fravel\Thing\Things;

/**
 * What tallies can come to when every question with options is answered once, and every other lock and choice gives
 * what it gives once or never; and how often each leads. What sets a tally is left out of the least and the most.
 */
final readonly class Scores
{
    /** @param  array<string, array{least: float, most: float}>  $ranges  by tally */
    private function __construct(public array $ranges, public Shares $shares)
    {
    }

    /** @param  list<string>  $supposed  options: where a question has some of them, it is answered with one of those */
    public static function of(GameDocument $game, array $supposed = [], Effort $effort = new Effort()): self
    {
        $questions = [];
        $maybe = [];
        foreach ($game->scenes() as $scene) {
            foreach (Things::flattened($scene->things) as $thing) {
                foreach ($thing->locks() as $lock) {
                    $lock->input->picks() === []
                        ? array_push(
                            $maybe,
                            ...array_map(
                                static fn (Rule $rule): array => $rule->reaction->effects,
                                self::opening($lock),
                            ),
                        )
                        : ($questions[] = self::ways($game, $lock, $supposed));
                }
                foreach ($thing->reactions() as $list) {
                    if ($list->on === Trigger::Act) {
                        array_push(
                            $maybe,
                            ...array_map(static fn (Reaction $reaction): array => $reaction->effects, $list->reactions),
                        );
                    }
                }
            }
        }
        /** @var list<non-empty-array<string, list<Effect>>> $questions */
        $questions = array_values(
            array_filter($questions, static fn (array $ways): bool => array_filter($ways) !== []),
        );
        $among = array_values(array_intersect(self::competing($game), array_keys($game->tallies())));

        $shares = Shares::of($game, $questions, $among, $effort, self::ties($game->document));

        return new self(self::ranges($game, $questions, $maybe), $shares);
    }

    /**
     * Who leads among equals: nobody where a question decides, all where all are told, else the first.
     *
     * @param  array<array-key, mixed>  $document
     */
    private static function ties(array $document): Ties
    {
        [$rules, $asks] = [[], false];
        self::walk($document, static function (array $part) use (&$asks, &$rules): void {
            $asks = $asks || is_array($part['tied'] ?? null);
            if (is_string($part['leads'] ?? null)) {
                $rules[] = $part['ties'] ?? Ties::First->value;
            }
        });

        return match (true) {
            $asks => Ties::None,
            array_unique($rules) === [Ties::All->value] => Ties::All,
            array_unique($rules) === [Ties::None->value] => Ties::None,
            default => Ties::First,
        };
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  callable(array<array-key, mixed>): void  $look
     */
    private static function walk(array $part, callable $look): void
    {
        $look($part);
        foreach ($part as $inner) {
            if (is_array($inner)) {
                self::walk($inner, $look);
            }
        }
    }

    /**
     * @param  list<string>  $supposed
     * @return array<string, list<Effect>> what each option does to tallies, with what opening does
     */
    private static function ways(GameDocument $game, Lock $lock, array $supposed): array
    {
        $ways = [];
        $ids = $lock->input->picks();
        foreach (array_intersect($ids, $supposed) ?: $ids as $id) {
            $answer = $lock->accept($id, $game->language());
            if ($answer instanceof Answer) {
                $index = $lock->ruleFor($answer);
                $opens =
                    $index === null || ! $lock->rules[$index]->opens() ? [] : $lock->rules[$index]->reaction->effects;
                $ways[$id] = self::onTallies($game, [...$lock->input->effectsOf($answer), ...$opens]);
            }
        }

        return $ways;
    }

    /** @return list<Rule> */
    private static function opening(Lock $lock): array
    {
        return array_slice(
            array_values(array_filter($lock->rules, static fn (Rule $rule): bool => $rule->opens())),
            0,
            1,
        );
    }

    /**
     * @param  list<Effect>  $effects
     * @return list<Effect>
     */
    private static function onTallies(GameDocument $game, array $effects): array
    {
        return array_values(
            array_filter(
                $effects,
                static fn (Effect $effect): bool => array_intersect(
                    array_map(Fact::kindOf(...), $effect->changes($game)),
                    ['tally', 'decided', 'ruledOut'],
                ) !== [],
            ),
        );
    }

    /**
     * @return list<string> the tallies that the first such condition compares with each other, in the order in which a
     *     tie goes
     */
    private static function competing(GameDocument $game): array
    {
        $first = null;
        $among = [];
        foreach (References::in($game->document) as $reference) {
            $holder = implode(
                '/',
                array_filter(
                    array_slice($reference->path, 0, -1),
                    static fn (string|int $key): bool => $key !== 'among',
                ),
            );
            if ($reference->field() === 'among' && $holder === ($first ??= $holder)) {
                $among[] = $reference->id;
            }
        }

        return $among;
    }

    /**
     * @param  list<non-empty-array<string, list<Effect>>>  $questions
     * @param  list<list<Effect>>  $maybe
     * @return array<string, array{least: float, most: float}>
     */
    private static function ranges(GameDocument $game, array $questions, array $maybe): array
    {
        $ranges = [];
        foreach ($game->tallies() as $tally) {
            [$least, $most] = [(float) $tally->start, (float) $tally->start];
            foreach ($questions as $ways) {
                $by = array_map(static fn (array $effects): float => self::added($effects, $tally->id), $ways);
                $least += min($by);
                $most += max($by);
            }
            foreach ($maybe as $effects) {
                $least += min(0.0, self::added($effects, $tally->id));
                $most += max(0.0, self::added($effects, $tally->id));
            }
            $ranges[$tally->id] = ['least' => $least, 'most' => $most];
        }

        return $ranges;
    }

    /** @param  list<Effect>  $effects */
    private static function added(array $effects, string $tally): float
    {
        return (float) array_sum(
            array_map(static fn (Effect $effect): int|float => $effect->adds()[Fact::tally($tally)] ?? 0, $effects),
        );
    }
}

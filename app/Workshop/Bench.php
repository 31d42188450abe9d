<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Play\Markdown;
use Brick\Math\BigRational;
use Fravel\Answer\Answer;
use Fravel\Answer\Input\Entry;
use Fravel\Answer\Probe\TypedProbes;
use Fravel\Answer\Quantity;
use Fravel\Answer\Refusal;
use Fravel\Answer\Unit\Units;
use Fravel\Check\Answers\NearMiss;
use Fravel\Check\Answers\NearMisses;
use Fravel\Document\GameDocument;
use Fravel\Play\Trial;
use Fravel\Thing\Lock;
use Fravel\Thing\Rule;

/** Tries an answer on a lock of the draft: which rule catches it, what the student would read, where they would go. */
final class Bench
{
    /**
     * @return list<array{text: string, verdict: string|null, rule: int|null, words: string,
     *     match: array<string, mixed>|null}> answers that are nearly right, what becomes of each, and what a rule for
     *     it would take
     */
    public static function nearMisses(GameDocument $game, Lock $lock): array
    {
        return array_map(static function (NearMiss $miss) use ($lock, $game): array {
            $answer = $lock->accept($miss->text, $game->language());
            $trial = $answer instanceof Refusal ? null : Trial::of($lock, $answer);

            return [
                'text' => $miss->text,
                'verdict' => $trial?->verdict->value,
                'rule' => $trial?->rule,
                'words' => (string) __("workshop.slips.{$miss->slip->value}"),
                'match' => $answer instanceof Refusal || self::isRight($lock, $trial?->rule)
                    ? null
                    : self::matchOf($lock, $answer),
            ];
        }, NearMisses::to($lock, $game->language()));
    }

    /** Whether it is the right answer, but for how it is written: a rule for it would catch that too. */
    private static function isRight(Lock $lock, ?int $rule): bool
    {
        return $rule !== null && $lock->rules[$rule]->opens() && $lock->rules[$rule]->match->isLiteral();
    }

    /** @return array<string, mixed> what takes just this answer */
    private static function matchOf(Lock $lock, Answer $answer): array
    {
        if ($lock->input->entry() !== Entry::Number) {
            return ['equals' => [$answer->raw()]];
        }
        $number = self::numberOf($lock, $answer);
        $unit = $lock->input->unit();

        return $number === null
            ? ['anything' => true]
            : ['number' => $number->toFloat()] + ($unit === null ? [] : ['unit' => $unit]);
    }

    private static function numberOf(Lock $lock, Answer $answer): ?BigRational
    {
        $unit = $lock->input->unit() === null ? null : Units::named($lock->input->unit());

        return $unit === null
            ? $answer->number()
            : Quantity::read($answer->raw(), $answer->cleaning->language)?->in($unit);
    }

    /**
     * How a written answer is read, and how the rule that catches it, or else the right one: both cleaned, or both as
     * numbers in the asked unit.
     *
     * @return array{given: string, wanted: string}|null null where it is not written
     */
    private static function compared(Lock $lock, Answer $answer, ?int $caught): ?array
    {
        $wanted = self::wanted($lock, $answer, $caught);
        if ($wanted === null || $lock->input->isLong()) {
            return null;
        }
        if ($lock->input->entry() === Entry::Words) {
            return ['given' => $answer->compared(), 'wanted' => $answer->cleaning->compared($wanted)];
        }
        $number = $lock->input->entry() === Entry::Number ? self::numberOf($lock, $answer) : null;
        $unit = $lock->input->unit();

        return $number === null
            ? null
            : ['given' => trim(TypedProbes::written($number)." {$unit}"), 'wanted' => trim("{$wanted} {$unit}")];
    }

    /** Of what the rule names, that which is most like the answer; null where it names nothing. */
    private static function wanted(Lock $lock, Answer $answer, ?int $caught): ?string
    {
        $opening = array_values(array_filter($lock->rules, static fn (Rule $rule): bool => $rule->opens()));
        $rule = $caught === null ? $opening[0] ?? null : $lock->rules[$caught];
        $named = $rule?->match->samples() ?? [];
        $texts = array_filter($rule?->match->isLoose() ? [] : $named, is_string(...));
        $likeness = static fn (string $text): int => similar_text($text, $answer->raw());
        usort($texts, static fn (string $one, string $other): int => $likeness($other) <=> $likeness($one));

        return $texts[0] ?? null;
    }

    /** @return array<string, mixed> */
    public static function of(GameDocument $game, Lock $lock, mixed $with): array
    {
        $answer = $lock->accept($with, $game->language());
        if ($answer instanceof Refusal) {
            return ['refusal' => __('play.refused.'.$answer->code, $answer->arguments)];
        }
        $trial = Trial::of($lock, $answer);

        return [
            'compared' => self::compared($lock, $answer, $trial->rule),
            'rule' => $trial->rule,
            'verdict' => $trial->verdict->value,
            'say' => $trial->say === '' ? '' : Markdown::html($trial->say),
            'go' => $trial->go === null ? null : $game->scene($trial->go)->title ?? $trial->go,
        ];
    }
}

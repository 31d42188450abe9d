<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Entry;
use Fravel\Answer\Quantity;
use Fravel\Answer\Unit\Units;
use Fravel\Thing\Lock;

/**
 * Wrong answers to a lock, gathered by what they have in common: the same once cleaned, the same number in another unit
 * or writing, and words one slip of the pen apart.
 *
 * A slip is a letter more, less or other, or two neighbours swapped: the optimal string alignment distance (Boytsov,
 * "Indexing methods for approximate dictionary searching", 2011) is one.
 *
 * What is gathered is play, answer, and what was read of it.
 *
 * @phpstan-type Given array{string, string|array<array-key, mixed>, list<string>}
 */
final class WrongGroups
{
    /** Shorter words are other words when a letter is changed. */
    private const LEAST_LETTERS = 5;

    /** Groups that are compared with each other for slips. */
    private const MOST_COMPARED = 120;

    /**
     * @param  list<PlayLog>  $logs
     * @return list<WrongGroup> what most gave comes first
     */
    public static function of(Lock $lock, array $logs, string $language): array
    {
        [$gathered, $keys] = [[], []];
        foreach ($logs as $log) {
            foreach ($log->answersTo($lock->id) as $deed) {
                $with = $deed->with();
                if (! $deed->opens() && ! $deed->waits() && (is_string($with) || is_array($with))) {
                    $key = $keys[json_encode($with)] ??= self::key($lock, $with, $language);
                    $gathered[$key][] = [$log->id, $with, $deed->said()];
                }
            }
        }
        uasort($gathered, static fn (array $one, array $other): int => count($other) <=> count($one));
        $groups = array_map(self::group(...), array_values(self::withoutSlips($gathered)));
        usort($groups, static fn (WrongGroup $one, WrongGroup $other): int => [
            count($other->plays), $other->count,
        ] <=> [count($one->plays), $one->count]);

        return $groups;
    }

    /**
     * @param  string|array<array-key, mixed>  $with
     */
    private static function key(Lock $lock, string|array $with, string $language): string
    {
        $answer = $lock->accept($with, $language);
        if (! $answer instanceof Answer) {
            return 'sent '.json_encode($with);
        }
        if (is_array($answer->value)) {
            return 'parts '.json_encode($answer->value);
        }
        $isWritten = in_array($lock->input->entry(), [Entry::Words, Entry::Number], true);
        $quantity = $isWritten ? Quantity::read($answer->raw(), $language) : null;
        if ($quantity !== null) {
            // A bare number was meant in the unit that was asked for.
            $unit = $quantity->unit ?? Units::named($lock->input->unit() ?? '');
            $base = $unit?->toBase($quantity->number) ?? $quantity->number;

            return "number {$base->simplified()} ".($unit->measures ?? '');
        }

        return $isWritten ? 'words '.$answer->compared() : 'code '.$answer->raw();
    }

    /**
     * Groups of words that are one slip from a larger one go into that.
     *
     * @param  array<string, list<Given>>  $gathered  largest first
     * @return array<string, list<Given>>
     */
    private static function withoutSlips(array $gathered): array
    {
        $kept = [];
        foreach ($gathered as $key => $given) {
            $home = count($kept) <= self::MOST_COMPARED ? self::homeOf((string) $key, array_keys($kept)) : null;
            $kept[$home ?? $key] ??= [];
            array_push($kept[$home ?? $key], ...$given);
        }

        return $kept;
    }

    /** @param  list<string|int>  $others */
    private static function homeOf(string $key, array $others): ?string
    {
        if (! str_starts_with($key, 'words ') || mb_strlen($key) < self::LEAST_LETTERS + mb_strlen('words ')) {
            return null;
        }
        foreach ($others as $other) {
            if (str_starts_with((string) $other, 'words ') && self::isOneSlip($key, (string) $other)) {
                return (string) $other;
            }
        }

        return null;
    }

    private static function isOneSlip(string $one, string $other): bool
    {
        [$one, $other] = [mb_str_split($one), mb_str_split($other)];
        if (abs(count($one) - count($other)) > 1) {
            return false;
        }
        $start = 0;
        while (isset($one[$start], $other[$start]) && $one[$start] === $other[$start]) {
            $start++;
        }
        [$one, $other] = [array_slice($one, $start), array_slice($other, $start)];
        while ($one !== [] && $other !== [] && end($one) === end($other)) {
            array_pop($one);
            array_pop($other);
        }

        return max(count($one), count($other)) <= 1
            || (count($one) === 2 && $one === array_reverse($other));
    }

    /** @param  list<Given>  $given */
    private static function group(array $given): WrongGroup
    {
        $often = [];
        foreach ($given as [, $with]) {
            $often[(string) json_encode($with)] = ($often[(string) json_encode($with)] ?? 0) + 1;
        }
        arsort($often);
        /** @var list<string|array<array-key, mixed>> $spellings */
        $spellings = array_map(
            static fn (string|int $json): mixed => json_decode((string) $json, true), array_keys($often),
        );

        return new WrongGroup(
            $spellings[0],
            array_slice($spellings, 1),
            array_values(array_unique(array_column($given, 0))),
            count($given),
            array_values(array_unique(array_merge(...array_column($given, 2)))),
        );
    }
}

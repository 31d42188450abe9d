<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Answer;
use Fravel\Answer\Articles;
use Fravel\Answer\Input\Entry;
use Fravel\Answer\Input\Input;
use Fravel\Answer\LanguageData;
use Fravel\Check\Effort;
use Fravel\Thing\Lock;
use Fravel\Thing\Rule;

/**
 * Answers that are nearly right: for teachers to see what becomes of them, and for the check. The same answer gives the
 * same ones.
 */
final class NearMisses
{
    /** Units to mistake one for: symbol → another of the same quantity. */
    private const OTHER_UNITS = [
        'mm' => 'cm',
        'cm' => 'mm',
        'm' => 'cm',
        'km' => 'm',
        'g' => 'kg',
        'kg' => 'g',
        'mg' => 'g',
        'ml' => 'l',
        'l' => 'ml',
        's' => 'min',
        'min' => 's',
        'h' => 'min',
        'm2' => 'cm2',
        'm²' => 'cm²',
        'cm²' => 'm²',
        'km/h' => 'm/s',
        'm/s' => 'km/h',
        '°C' => '°F',
        'W' => 'kW',
        'kW' => 'W',
        'J' => 'kJ',
        'kJ' => 'J',
        'Pa' => 'kPa',
        'Hz' => 'kHz',
        'B' => 'kB',
        'kB' => 'B',
    ];

    /**
     * Those of a lock's first accepted answer that can be named.
     *
     * @return list<NearMiss>
     */
    public static function to(Lock $lock, string $language, Effort $effort = new Effort()): array
    {
        foreach ($lock->rules as $index => $rule) {
            $right = $rule->opens() ? Samples::caughtBy($lock, $index, $language, $effort) : null;
            if (is_string($right)) {
                return [
                    ...self::named($lock, $index, $right, $language), ...self::of($right, $lock->input, $language),
                ];
            }
        }

        return [];
    }

    /**
     * What the rule names and does not take: a term that is to be worked out, as it is given.
     *
     * @return list<NearMiss>
     */
    private static function named(Lock $lock, int $index, string $right, string $language): array
    {
        if (! TermSlips::areOf($right)) {
            return [];
        }
        $isLeft = static function (string $name) use ($lock, $index, $language): bool {
            $answer = $lock->accept($name, $language);

            return $answer instanceof Answer && $lock->ruleFor($answer) !== $index;
        };

        return array_map(
            static fn (string $name): NearMiss => new NearMiss(Slip::OtherForm, $name),
            array_values(array_filter($lock->rules[$index]->match->names($lock->input), $isLeft)),
        );
    }

    /**
     * Those of an answer, each kind of slip at most once or in a few forms.
     *
     * @return list<NearMiss>
     */
    public static function of(string $right, Input $input, string $language): array
    {
        $made = match (true) {
            $input->entry() === Entry::Code => self::ofCode($right),
            $input->entry() === Entry::Number => [
                ...self::ofNumber($right, $input->unit()),
                ...($input->unit() === null ? self::counted($right, $language) : []),
            ],
            $input->entry() === Entry::Picks => [],
            preg_match('/^[+\-−]?\d[\d.,\s]*\D{0,8}$/u', $right) === 1 => [
                ...self::ofNumber($right, null),
                ...self::counted($right, $language),
                ...self::ofWords($right, LanguageData::of($language)),
            ],
            TermSlips::areOf($right) => TermSlips::of($right),
            default => [
                ...self::otherwiseWritten($right, $language),
                ...self::ofWords($right, LanguageData::of($language)),
            ],
        };
        $seen = [$right => true];
        $misses = [];
        foreach ($made as [$slip, $text]) {
            if ($text !== '' && ! isset($seen[$text])) {
                $seen[$text] = true;
                $misses[] = new NearMiss($slip, $text);
            }
        }

        return $misses;
    }

    /**
     * Those that the lock opens on although whoever gives them does not know the answer.
     *
     * @return list<string>
     */
    public static function openedOn(Lock $lock, string $language, Effort $effort = new Effort()): array
    {
        $open = array_filter(
            $lock->rules, static fn (Rule $rule): bool => $rule->opens() && ! $rule->match->isLiteral(),
        );
        if ($open === []) {
            return [];
        }
        $opened = [];
        // What is written at length is read by the words in it; that a denial passes is no news there.
        foreach ($lock->input->isLong() ? [] : self::to($lock, $language, $effort) as $miss) {
            $effort->spend(5 + count($lock->rules));
            $answer = $miss->slip->isPlainlyWrong() ? $lock->accept($miss->text, $language) : null;
            $rule = $answer instanceof Answer ? $lock->ruleFor($answer) : null;
            if ($rule !== null && $lock->rules[$rule]->opens()) {
                $opened[] = $miss->text;
            }
        }

        return $opened;
    }

    /** @return list<array{Slip, string}> */
    private static function ofCode(string $code): array
    {
        $last = substr($code, -1);
        $turn = ['U' => 'R', 'R' => 'D', 'D' => 'L', 'L' => 'U'];

        return [
            [Slip::OneStepOff, substr($code, 0, -1).($turn[$last] ?? (string) (((int) $last + 1) % 10))],
            [Slip::OneStepOff, ($turn[$code[0]] ?? (string) (((int) $code[0] + 9) % 10)).substr($code, 1)],
            [Slip::SwappedDigits, self::swapped($code)],
            [Slip::SwappedDigits, strrev($code)],
        ];
    }

    /** @return list<array{Slip, string}> */
    private static function ofNumber(string $right, ?string $unit): array
    {
        if (preg_match('/^([+\-−]?)([\d.,]*\d)(.*)$/Dsu', $right, $part) !== 1) {
            return [];
        }
        [, $sign, $figures, $behind] = $part;
        $misses = [
            [Slip::NeighbouringNumber, $sign.self::stepped($figures, 1).$behind],
            [Slip::NeighbouringNumber, $sign.self::stepped($figures, -1).$behind],
            [Slip::SwappedDigits, $sign.self::swapped($figures).$behind],
            [
                Slip::DecimalMark,
                $sign.
                (str_contains($figures, '.') || str_contains($figures, ',')
                    ? (string) preg_replace('/([.,])(\d)/', '$2$1', $figures)
                    : "{$figures}0").
                $behind,
            ],
            [Slip::Negation, ($sign === '' ? '-' : '').$figures.$behind],
        ];
        $named = trim($behind) !== '' ? trim($behind) : $unit ?? '';
        if (isset(self::OTHER_UNITS[$named])) {
            $misses[] = [Slip::WrongUnit, "{$sign}{$figures} ".self::OTHER_UNITS[$named]];
        }

        return array_map(static fn (array $miss): array => [$miss[0], rtrim($miss[1], '.,')], $misses);
    }

    /**
     * The right words, written otherwise: what a fair lock takes.
     *
     * @return list<array{Slip, string}>
     */
    private static function otherwiseWritten(string $right, string $language): array
    {
        $isOneWord = preg_match('/^\p{L}{6,}$/Du', $right) === 1;
        $middle = intdiv(mb_strlen($right), 2);

        return [
            [Slip::Article, Articles::putBefore($right, $language)],
            [Slip::EndMark, "{$right}."],
            [
                Slip::Parted,
                $isOneWord
                    ? mb_substr($right, 0, $middle).'-'.mb_substr($right, $middle)
                    : strtr($right, [' ' => '-', '-' => ' ']),
            ],
        ];
    }

    /** @return list<array{Slip, string}> */
    private static function counted(string $right, string $language): array
    {
        return ctype_digit($right) ? [[Slip::CountedNoun, "{$right} ".LanguageData::of($language)->counted]] : [];
    }

    /** @return list<array{Slip, string}> */
    private static function ofWords(string $right, LanguageData $tongue): array
    {
        $words = preg_split('/\s+/u', trim($right)) ?: [];
        $first = mb_substr($right, 0, 1);
        $misses = [
            [Slip::Typing, self::mistyped($right)],
            [Slip::MissingLetter, mb_strlen($right) > 2 ? mb_substr($right, 0, -2).mb_substr($right, -1) : ''],
            [Slip::DoubledLetter, $first.mb_substr($right, 1, 1).mb_substr($right, 1)],
            [
                Slip::Number,
                str_ends_with($right, $tongue->plural) ? mb_substr($right, 0, -1) : $right.$tongue->plural,
            ],
            [Slip::SwappedWords, count($words) > 1 ? implode(' ', [...array_slice($words, 1), $words[0]]) : ''],
            [Slip::ExtraWord, "{$right} {$tongue->and} {$right}"],
        ];

        return [
            ...$misses,
            ...array_map(
                static fn (string $denial): array => [Slip::Negation, sprintf($denial, $right)],
                $tongue->denials,
            ),
        ];
    }

    /** The last two neighbours that differ, swapped. */
    private static function swapped(string $text): string
    {
        $signs = mb_str_split($text);
        for ($at = count($signs) - 1; $at > 0; $at--) {
            if (
                $signs[$at] !== $signs[$at - 1] &&
                ! in_array('.', [$signs[$at], $signs[$at - 1]], true) &&
                ! in_array(',', [$signs[$at], $signs[$at - 1]], true)
            ) {
                [$signs[$at - 1], $signs[$at]] = [$signs[$at], $signs[$at - 1]];

                return implode('', $signs);
            }
        }

        return '';
    }

    private static function mistyped(string $text): string
    {
        $middle = intdiv(mb_strlen($text), 2);

        return mb_strlen($text) < 3
            ? ''
            : mb_substr($text, 0, $middle).
                    self::swapped(mb_substr($text, $middle, 2)).
                    mb_substr($text, $middle + 2);
    }

    /** The last figure one up or down, carried over. */
    private static function stepped(string $figures, int $by): string
    {
        $digits = (string) preg_replace('/\D/', '', $figures);
        if (strlen($digits) > 15) {
            return '';
        }
        $next = (string) ((int) $digits + $by);
        if ((int) $next < 0) {
            return '';
        }
        $next = str_pad($next, strlen($digits), '0', STR_PAD_LEFT);
        for ($at = strlen($figures) - 1; $at >= 0 && $next !== ''; $at--) {
            if (ctype_digit($figures[$at])) {
                $figures[$at] = substr($next, -1);
                $next = substr($next, 0, -1);
            }
        }

        return $next.$figures;
    }
}

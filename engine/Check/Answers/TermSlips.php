<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Term\Reader;
use Fravel\Answer\Term\Simplest;
use Fravel\Answer\Term\Term;
use Fravel\Answer\Term\Terms;

/** What comes of a term by the slips that classes make with one. */
final class TermSlips
{
    /** Whether a text is a term with letters, and no word or name such as x-ray, K-9 or CO2. */
    public static function areOf(string $text): bool
    {
        return preg_match('~[+*·×/^(²³]|[−-].*\d\p{Ll}|\d\p{Ll}.*[−-]~u', $text) === 1
            && preg_match('/\p{L}/u', $text) === 1
            && preg_match('/\p{L}{3}/u', $text) !== 1
            && Reader::read($text) !== null;
    }

    /** @return list<array{Slip, string}> */
    public static function of(string $text): array
    {
        $term = Reader::read($text);
        if ($term === null) {
            return [];
        }
        $turned = (string) preg_replace_callback(
            '/(?<=[\p{L}\d)²³])\s*[+−-]\s*/u',
            static fn (array $sign): string => trim($sign[0]) === '+' ? '-' : '+', $text, 1,
        );
        $onePart = (string) preg_replace('/^(\d+)\s*[*·×]?\s*\(([^()+−-]+)([+−-])([^()]+)\)$/u', '$1$2$3$4', $text);
        $made = [[Slip::TurnedSign, $turned], [Slip::OnePart, $onePart]];

        return [
            ...array_values(array_filter($made, static fn (array $one): bool => self::isAnother($term, $one[1]))),
            [Slip::OtherForm, Simplest::of($term) ?? ''],
        ];
    }

    private static function isAnother(Term $term, string $made): bool
    {
        $read = Reader::read($made);

        return $read !== null && ! Terms::areEqual($term, $read);
    }
}

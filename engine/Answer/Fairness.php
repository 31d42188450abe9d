<?php

declare(strict_types=1);

namespace Fravel\Answer;

use Fravel\Support\Node;

/**
 * What more does not make an answer wrong where a lock is fair, beside how it is written: a hyphen or a space inside a
 * word, one or many of it, the noun that is counted after a bare number. Single letters never join, so that a code
 * spelt out is another than the word.
 */
final readonly class Fairness
{
    /** Endings that make many of one, the longest first. */
    private const PLURALS = [
        'en' => ['es', 's'],
        'fr' => ['s', 'x'],
        'de' => ['en', 'er', 'n', 'e', 's'],
        'es' => ['es', 's'],
        'nl' => ['en', 's'],
        'pt' => ['es', 's'],
    ];

    /** Of a word shorter than this one or many is not told by its ending. */
    private const SHORTEST = 3;

    private const HYPHEN_IN_WORD = '/(?<=\p{L})[\-‐‑](?=\p{L})/u';

    private function __construct(public bool $joins, public bool $plural, public bool $counted)
    {
    }

    /** @param  bool  $isFair  what a switch is that is not set */
    public static function read(Node $node, bool $isFair): self
    {
        return new self(
            $node->flag('joins', $isFair), $node->flag('plural', $isFair), $node->flag('counted', $isFair),
        );
    }

    /** A text in which hyphens inside words are spaces, to be cleaned; joined() joins again what belongs together. */
    public function parted(string $text): string
    {
        return $this->joins ? (string) preg_replace(self::HYPHEN_IN_WORD, ' ', $text) : $text;
    }

    /** Words without the spaces between them, but for single letters. */
    public function joined(string $cleaned): string
    {
        return $this->joins ? (string) preg_replace('/(?<=\p{L}{2}) (?=\p{L}{2})/u', '', $cleaned) : $cleaned;
    }

    /** Whether two cleaned texts are one word, once of one and once of many. */
    public function isSameInNumber(string $one, string $other, string $language): bool
    {
        return $this->plural && self::isOneOfMany($one, $other, $language);
    }

    /** Whether one of two cleaned words makes many of the other, by its ending. */
    public static function isOneOfMany(string $one, string $other, string $language): bool
    {
        [$short, $long] = mb_strlen($one) < mb_strlen($other) ? [$one, $other] : [$other, $one];
        if (mb_strlen($short) < self::SHORTEST || preg_match('/^\p{L}+$/Du', $short) !== 1) {
            return false;
        }
        $tongue = strtolower(substr($language, 0, 2));
        if ($tongue === 'en' && str_ends_with($short, 'y') && $long === mb_substr($short, 0, -1).'ies') {
            return true;
        }

        return in_array($long, array_map(static fn (string $end): string => $short.$end, self::endings($tongue)), true);
    }

    /** The bare number before a word that is counted ("48 steps"), or null when the text is another. */
    public function numberIn(string $text): ?string
    {
        return $this->counted && preg_match('/^([+\-−]?\d[\d.,]*)\s?\p{L}[\p{L}\p{M}.]*$/Du', $text, $part) === 1
            ? $part[1]
            : null;
    }

    /** @return list<string> */
    private static function endings(string $tongue): array
    {
        return self::PLURALS[$tongue] ?? [];
    }
}

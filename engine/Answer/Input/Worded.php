<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\LanguageData;

/** What inputs of words share. */
trait Worded
{
    /** Words can't be counted, but for a single letter, a small number and one of two. */
    public function guesses(array $open, string $language): ?float
    {
        $guesses = null;
        foreach ($open as $matcher) {
            foreach ($matcher->isLiteral() ? $matcher->names($this) : [] as $text) {
                $of = self::guessesTo($text, $language);
                $guesses = $of === null ? $guesses : min($guesses ?? $of, $of);
            }
        }

        return $guesses;
    }

    public function entry(): Entry
    {
        return Entry::Words;
    }

    public function unit(): ?string
    {
        return null;
    }

    private static function guessesTo(string $text, string $language): ?float
    {
        return match (true) {
            in_array(mb_strtolower(trim($text)), LanguageData::of($language)->pairs, true) => 1.5,
            preg_match('/^\p{L}$/Du', trim($text)) === 1 => 13.5,
            preg_match('/^\d{1,2}$/D', trim($text)) === 1 => (float) $text + 1,
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Document\Answer\Matcher;

use Fravel\Document\Answer\Answer;

/** @internal */
final class Phrase
{
    /** Whether the phrase stands in the answer as whole words, after cleaning. */
    public static function standsIn(string $phrase, Answer $answer): bool
    {
        $words = preg_quote($answer->cleaning->clean($phrase), '/');

        return $words !== '' && preg_match('/(?<![\p{L}\p{N}\p{M}])'.$words.'(?![\p{L}\p{N}\p{M}])/u', $answer->clean()) === 1;
    }
}

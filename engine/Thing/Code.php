<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Answer\LanguageData;
use Fravel\Support\Node;

/** The first answer that opens a lock, sign by sign, as a student would read it. */
final class Code
{
    /**
     * @param  array<array-key, mixed>  $thing  a lock as it is written
     * @param  array<string, string>  $alts  asset → what its picture shows
     * @return list<string> CommonMark, a sign each; none where it has no such answer
     */
    public static function of(array $thing, string $language, array $alts): array
    {
        if (($thing['kind'] ?? null) !== 'lock') {
            return [];
        }
        $lock = Lock::read(Node::root($thing));
        foreach ($lock->rules as $rule) {
            $answer = $rule->opens() && $rule->match->isLiteral() ? $rule->match->samples()[0] ?? null : null;
            if (is_string($answer) || is_array($answer)) {
                $read = $lock->input->signs(LanguageData::of($language)->colours(), $alts);

                return array_map(static fn (string $sign): string => $read[$sign] ?? $sign, self::signs($answer));
            }
        }

        return [];
    }

    /**
     * @param  string|array<array-key, mixed>  $answer
     * @return list<string>
     */
    private static function signs(string|array $answer): array
    {
        return is_string($answer)
            ? preg_split('/(?=\X)/u', $answer, -1, PREG_SPLIT_NO_EMPTY) ?: []
            : array_values(array_filter($answer, is_string(...)));
    }
}

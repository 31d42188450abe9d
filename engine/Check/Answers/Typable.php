<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Input\Input;
use Fravel\Answer\Typing\Keyboard;

/** Answers as a student's keys give them: what no key types is no way through a game. */
final class Typable
{
    /**
     * Ways to type the answer, the plainest first; the answer itself where it isn't typed.
     *
     * @return list<mixed> none where a sign of it stands on no key
     */
    public static function ways(mixed $sent, Input $input, string $language): array
    {
        if (is_array($sent) && $input->isTypedInParts()) {
            return self::inParts($sent, $language);
        }

        return is_string($sent) && $input->entry()->isTyped() ? Keyboard::of($language)->ways($sent) : [$sent];
    }

    /** The first sign of the answer that no key types; null where there is none. */
    public static function lacking(mixed $sent, Input $input, string $language): ?string
    {
        $isTyped = $input->entry()->isTyped() || $input->isTypedInParts();
        foreach ($isTyped ? (is_array($sent) ? $sent : [$sent]) : [] as $part) {
            $sign = is_string($part) ? Keyboard::of($language)->lacks($part) : null;
            if ($sign !== null) {
                return $sign;
            }
        }

        return null;
    }

    /**
     * @param  array<array-key, mixed>  $sent
     * @return list<array<array-key, mixed>> all parts as they stand, or each in its n-th way
     */
    private static function inParts(array $sent, string $language): array
    {
        $ways = array_map(
            static fn (mixed $part): array => is_string($part) ? Keyboard::of($language)->ways($part) : [$part], $sent,
        );
        if (in_array([], $ways, true)) {
            return [];
        }
        $first = array_map(static fn (array $of): mixed => $of[0], $ways);
        $last = array_map(static fn (array $of): mixed => $of[count($of) - 1], $ways);

        return $first === $last ? [$first] : [$first, $last];
    }
}

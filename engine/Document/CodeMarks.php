<?php

declare(strict_types=1);

namespace Fravel\Document;

/**
 * Marks in texts and names that say the code of a lock: `{=code:door}` the whole of it, `{=code:door:2}` its second
 * sign, `{=code:door:2-3}` its second and third. A code stands in one place, and what hints at it follows.
 */
final readonly class CodeMarks
{
    private const MARK = '/\{=code:([a-z][a-z0-9_-]{0,39})(?::(\d{1,3})(?:-(\d{1,3}))?)?\}/';

    /** Signs that are said of a code at most, and bytes by which a text grows; marks beyond stay as they are. */
    private const SIGNS = 200;

    private const GROWTH = 20_000;

    /** Fields that are read by students. */
    private const FIELDS = ['md' => 1, 'say' => 1, 'ask' => 1, 'name' => 1, 'title' => 1, 'label' => 1, 'alt' => 1];

    /** Fields that are read as they stand. */
    private const PLAIN = ['name' => 1, 'title' => 1, 'label' => 1, 'alt' => 1];

    /**
     * The part with its marks filled in; those of which nothing is known stay.
     *
     * @param  array<array-key, mixed>  $part
     * @param  callable(string): list<string>  $code  lock → the signs of its code; none where it has none
     * @return array<array-key, mixed>
     */
    public static function filled(array $part, callable $code): array
    {
        return self::through($part, static fn (string $text): string => self::fill($text, $code));
    }

    /** @param  callable(string): list<string>  $code */
    public static function fill(string $text, callable $code): string
    {
        $left = self::GROWTH;

        return (string) preg_replace_callback(self::MARK, static function (array $mark) use ($code, &$left): string {
            $first = (int) ($mark[2] ?? 1);
            $signs = $left > 0 ? array_slice($code($mark[1]), 0, self::SIGNS) : [];
            $last = isset($mark[3]) ? (int) $mark[3] : (isset($mark[2]) ? $first : count($signs));
            $said = $first < 1 || $last > count($signs) ? [] : array_slice($signs, $first - 1, $last - $first + 1);

            $words = implode(self::between($said), $said);
            $left -= strlen($words);

            return $said === [] || $left < 0 ? $mark[0] : $words;
        }, $text);
    }

    /**
     * The part with its marks naming other locks.
     *
     * @param  array<array-key, mixed>  $part
     * @param  array<array-key, string>  $ids  old → new
     * @return array<array-key, mixed>
     */
    public static function renamed(array $part, array $ids): array
    {
        $rename = static fn (array $mark): string => substr_replace(
            $mark[0], $ids[$mark[1]] ?? $mark[1], strlen('{=code:'), strlen($mark[1]),
        );

        return self::through(
            $part, static fn (string $text): string => (string) preg_replace_callback(self::MARK, $rename, $text),
        );
    }

    /** Whether any text in it has such a mark. */
    public static function areIn(mixed $part): bool
    {
        if (! is_array($part)) {
            return is_string($part) && str_contains($part, '{=code:');
        }
        foreach ($part as $inner) {
            if (self::areIn($inner)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Letters and figures are written together, words apart.
     *
     * @param  list<string>  $signs
     */
    private static function between(array $signs): string
    {
        return array_filter($signs, static fn (string $sign): bool => mb_strlen($sign) > 1) === [] ? '' : ' ';
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  callable(string): string  $change
     * @return array<array-key, mixed>
     */
    private static function through(array $part, callable $change): array
    {
        foreach ($part as $key => $value) {
            if (is_array($value)) {
                $part[$key] = self::through($value, $change);
            } elseif (is_string($value) && isset(self::FIELDS[$key]) && str_contains($value, '{=code:')) {
                $changed = $change($value);
                $part[$key] = isset(self::PLAIN[$key]) ? self::withoutPictures($changed) : $changed;
            }
        }

        return $part;
    }

    private static function withoutPictures(string $text): string
    {
        return (string) preg_replace('/!\[([^]]*)]\(asset:[^)]*\)/', '$1', $text);
    }
}

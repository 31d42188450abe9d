<?php

declare(strict_types=1);

namespace Fravel\Support;

/** Words with places to fill: `The :lock is open.` */
final class Template
{
    /** `{steps|=0 at once|=1 after a step|after :steps steps}`: the form for a number, the last one for any other. */
    private const FORMS = '/\{([a-z]+)\|([^{}]*)\}/';

    /**
     * All places at once, so that what is filled in is never filled itself; of two names that begin alike the longer
     * one is meant.
     *
     * @param  array<string, string|int|float>  $arguments
     */
    public static function filled(string $words, array $arguments): string
    {
        $places = [];
        foreach ($arguments as $name => $value) {
            $places[":{$name}"] = (string) $value;
        }
        $chosen = self::chosen($words, $arguments);

        return $places === [] ? $chosen : strtr($chosen, $places);
    }

    /**
     * The forms for the numbers, with places left as they are.
     *
     * @param  array<string, string|int|float>  $arguments
     */
    public static function chosen(string $words, array $arguments): string
    {
        return str_contains($words, '|')
            ? (string) preg_replace_callback(
                self::FORMS,
                static fn (array $found): string => self::form($found[2], $arguments[$found[1]] ?? null),
                $words,
            )
            : $words;
    }

    private static function form(string $forms, string|int|float|null $number): string
    {
        $choices = explode('|', $forms);
        foreach ($choices as $choice) {
            if (preg_match('/^=(\d+) (.*)$/Ds', $choice, $part) === 1) {
                if ((string) $number === $part[1]) {
                    return $part[2];
                }
            }
        }

        return (string) end($choices);
    }
}

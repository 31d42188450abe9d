<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use Illuminate\Support\Arr;
use Symfony\Component\Finder\Finder;

/** What LanguageTest is about: the words of each language, and how to find one where it does not belong. */
final class LanguageCases
{
    private const LANG = __DIR__.'/../../../lang';

    /** @return array<string, string> file and key → words */
    public static function words(string $language): array
    {
        $words = [];
        foreach (glob(self::LANG."/{$language}/*.php") ?: [] as $file) {
            $words += Arr::dot((array) require $file, basename($file, '.php').'.');
        }

        return array_filter($words, is_string(...));
    }

    /** @return list<string> the files that a language has to have */
    public static function filesOf(string $language): array
    {
        $all = array_map(
            static fn (string $file): string => basename($file, '.php'), glob(self::LANG.'/en/*.php') ?: [],
        );

        return in_array($language, self::having('workshop'), true) ? $all : ['errors', 'made', 'play'];
    }

    /** @return list<string> the places and numbers of some words, sorted */
    public static function places(string $words): array
    {
        preg_match_all('/(?<![\w*]):([a-z]+)/i', $words, $places);
        preg_match_all('/\{([a-z]+)\|/', $words, $numbers);
        $found = array_unique([...$places[1], ...$numbers[1]]);
        sort($found);

        return $found;
    }

    /**
     * Words that can only be of this language: pieces between places, of two words at least, that no other has.
     *
     * @return list<string>
     */
    public static function telling(string $language): array
    {
        $own = self::pieces($language);
        $others = implode(
            "\n", array_merge(...array_map(self::pieces(...), array_diff(self::having('play'), [$language]))),
        );

        return array_values(array_filter($own, static fn (string $piece): bool => ! str_contains($others, $piece)));
    }

    /** @return list<string> telling words of other languages that stand in a text */
    public static function strangers(string $text, string $language): array
    {
        $found = [];
        foreach (array_diff(self::having('play'), [$language]) as $other) {
            $found = [
                ...$found,
                ...array_filter(
                    self::telling($other),
                    static fn (string $piece): bool => preg_match(
                        '/(?<!\w)'.preg_quote($piece, '/').'(?!\w)/u', $text,
                    ) === 1,
                ),
            ];
        }

        return array_values($found);
    }

    /** What somebody reads of a page, with what is read out. */
    public static function seen(string $markup): string
    {
        preg_match_all('/\b(?:aria-label|title|placeholder|alt)="([^"]*)"/u', $markup, $labels);
        $without = (string) preg_replace('~<script\b.*?</script>~s', ' ', $markup);

        return html_entity_decode(
            implode(' | ', $labels[1]).' | '.strip_tags((string) preg_replace('/</', ' <', $without)), ENT_QUOTES,
        );
    }

    /** @return list<string> */
    private static function pieces(string $language): array
    {
        static $known = [];

        return $known[$language] ??= array_values(array_unique(array_filter(
            array_map(static fn (string $piece): string => (string) preg_replace(
                '/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/u', '', $piece,
            ), array_merge(...array_map(
                static fn (string $words): array => preg_split('/:[a-zA-Z]+|\{[^{}]*\}|[\t\n]/', $words) ?: [],
                array_values(self::words($language)),
            ))),
            static fn (string $piece): bool => mb_strlen($piece) >= 9 && str_contains($piece, ' '),
        )));
    }

    /** @return list<string> languages that have a file of words, without the framework */
    private static function having(string $file): array
    {
        return array_map(
            static fn (string $path): string => basename(dirname($path)), glob(self::LANG."/*/{$file}.php") ?: [],
        );
    }

    /** @return array<string, string> path under the project → what stands in it */
    public static function sources(string $folder, string $pattern): array
    {
        $sources = [];
        foreach (Finder::create()->files()->in(base_path($folder))->name($pattern) as $file) {
            $sources["{$folder}/{$file->getRelativePathname()}"] = $file->getContents();
        }
        ksort($sources);

        return $sources;
    }
}

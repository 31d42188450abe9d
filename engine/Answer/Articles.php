<?php

declare(strict_types=1);

namespace Fravel\Answer;

/** The articles that may be dropped from the front of an answer, by language. */
final class Articles
{
    private const BY_LANGUAGE = [
        'en' => ['the', 'a', 'an'],
        'fr' => ['le', 'la', 'les', 'un', 'une', 'des', 'du', "l'"],
        'de' => ['der', 'die', 'das', 'den', 'dem', 'des', 'ein', 'eine', 'einen', 'einem', 'einer'],
        'es' => ['el', 'la', 'los', 'las', 'un', 'una', 'unos', 'unas'],
        'it' => ['il', 'lo', 'la', 'i', 'gli', 'le', 'un', 'uno', 'una', "l'", "un'"],
        'nl' => ['de', 'het', 'een'],
        'pt' => ['o', 'a', 'os', 'as', 'um', 'uma'],
    ];

    /** The text with the first article of its language before it; as it is in a language without. */
    public static function putBefore(string $text, string $language): string
    {
        $article = self::BY_LANGUAGE[strtolower(substr($language, 0, 2))][0] ?? '';

        return ltrim("{$article} {$text}");
    }

    public static function dropFrom(string $text, string $language): string
    {
        $lower = mb_strtolower($text);
        foreach (self::BY_LANGUAGE[strtolower(substr($language, 0, 2))] ?? [] as $article) {
            $lead = str_ends_with($article, "'") ? $article : $article.' ';
            $length = mb_strlen($lead);
            if (str_starts_with(str_replace('’', "'", $lower), $lead) && mb_strlen($text) > $length) {
                return ltrim(mb_substr($text, $length));
            }
        }

        return $text;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer;

/** What the near misses and the mends need to know of a language. Languages not listed are treated as English. */
final readonly class LanguageData
{
    private const KNOWN = [
        'en' => [
            'not %s',
            'never %s',
            'anything but %s',
            's',
            'and',
            'That is not it yet. Look again.',
            ['yes', 'no', 'true', 'false'],
        ],
        'fr' => [
            'pas %s',
            'jamais %s',
            'tout sauf %s',
            's',
            'et',
            'Pas encore. Regarde de nouveau.',
            ['oui', 'non', 'vrai', 'faux'],
        ],
        'de' => [
            'nicht %s',
            'nie %s',
            'alles außer %s',
            'n',
            'und',
            'Noch nicht. Schau noch einmal hin.',
            ['ja', 'nein', 'richtig', 'falsch', 'wahr'],
        ],
        'es' => [
            'no %s',
            'nunca %s',
            'todo menos %s',
            's',
            'y',
            'Todavía no. Mira otra vez.',
            ['sí', 'si', 'no', 'verdadero', 'falso'],
        ],
    ];

    /**
     * @param  list<string>  $denials  with %s where the words stand that are denied
     * @param  string  $notYet  words for a wrong answer that give nothing away
     * @param  list<string>  $pairs  words that stand for one of two
     */
    private function __construct(
        public array $denials,
        public string $plural,
        public string $and,
        public string $notYet,
        public array $pairs,
    ) {
    }

    public static function of(string $language): self
    {
        [$not, $never, $but, $plural, $and, $notYet, $pairs] =
            self::KNOWN[strtolower(substr($language, 0, 2))] ?? self::KNOWN['en'];

        return new self([$not, $never, $but], $plural, $and, $notYet, $pairs);
    }
}

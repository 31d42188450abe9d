<?php

declare(strict_types=1);

namespace Fravel\Answer;

use Fravel\Support\Swatches;

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
            'steps',
            ['The end', 'Well done, {=player}: you are through.'],
            ['True', 'False'],
        ],
        'fr' => [
            'pas %s',
            'jamais %s',
            'tout sauf %s',
            's',
            'et',
            'Pas encore. Regarde de nouveau.',
            ['oui', 'non', 'vrai', 'faux'],
            'marches',
            ['La fin', 'Bravo, {=player} : tu as réussi.'],
            ['Vrai', 'Faux'],
        ],
        'de' => [
            'nicht %s',
            'nie %s',
            'alles außer %s',
            'n',
            'und',
            'Noch nicht. Schau noch einmal hin.',
            ['ja', 'nein', 'richtig', 'falsch', 'wahr'],
            'Stufen',
            ['Das Ende', 'Gut gemacht, {=player}: geschafft.'],
            ['Richtig', 'Falsch'],
        ],
        'es' => [
            'no %s',
            'nunca %s',
            'todo menos %s',
            's',
            'y',
            'Todavía no. Mira otra vez.',
            ['sí', 'si', 'no', 'verdadero', 'falso'],
            'pasos',
            ['El final', 'Muy bien, {=player}: lo has conseguido.'],
            ['Verdadero', 'Falso'],
        ],
    ];

    /** Names of the colours that an answer may have, in the order of Swatches. */
    private const COLOURS = [
        'en' => 'red orange yellow green blue purple violet pink brown black white grey',
        'fr' => 'rouge orange jaune vert bleu pourpre violet rose brun noir blanc gris',
        'de' => 'rot orange gelb grün blau lila violett rosa braun schwarz weiß grau',
        'es' => 'rojo naranja amarillo verde azul púrpura violeta rosa marrón negro blanco gris',
    ];

    /**
     * @param  list<string>  $denials  with %s where the words stand that are denied
     * @param  string  $notYet  words for a wrong answer that give nothing away
     * @param  list<string>  $pairs  words that stand for one of two
     * @param  string  $counted  a noun that may stand after a number
     * @param  string  $end  title of an ending
     * @param  string  $ended  what it says
     * @param  array{string, string}  $truth
     */
    private function __construct(
        public array $denials,
        public string $plural,
        public string $and,
        public string $notYet,
        public array $pairs,
        public string $counted,
        private string $colours,
        public string $end,
        public string $ended,
        private array $truth,
    ) {
    }

    public static function of(string $language): self
    {
        $name = strtolower(substr($language, 0, 2));
        $known = isset(self::KNOWN[$name]) ? $name : 'en';
        [$not, $never, $but, $plural, $and, $notYet, $pairs, $counted, $end, $truth] = self::KNOWN[$known];

        return new self(
            [$not, $never, $but], $plural, $and, $notYet, $pairs, $counted, self::COLOURS[$known],
            $end[0], $end[1], $truth,
        );
    }

    /** @return array{string, string} the words for what is so, and what is not, as options */
    public function truth(): array
    {
        return $this->truth;
    }

    /** @return array<string, string> colour → its name */
    public function colours(): array
    {
        return array_combine(array_keys(Swatches::PICTURES), explode(' ', $this->colours));
    }
}

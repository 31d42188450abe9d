<?php

declare(strict_types=1);

namespace Fravel\Answer\Typing;

use Normalizer;

/** Whole numbers from nought to a thousand as a language says them. */
final class NumberWords
{
    /** Language → words before a number that is below nought. */
    private const MINUS = ['en' => ['minus', 'negative'], 'de' => ['minus'], 'fr' => ['moins'], 'es' => ['menos']];

    private const EN = [
        'zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve',
        'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen',
    ];

    private const EN_TENS = [
        2 => 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety',
    ];

    private const DE = [
        'null', 'eins', 'zwei', 'drei', 'vier', 'fünf', 'sechs', 'sieben', 'acht', 'neun', 'zehn', 'elf', 'zwölf',
        'dreizehn', 'vierzehn', 'fünfzehn', 'sechzehn', 'siebzehn', 'achtzehn', 'neunzehn',
    ];

    private const DE_TENS = [
        2 => 'zwanzig', 'dreißig', 'vierzig', 'fünfzig', 'sechzig', 'siebzig', 'achtzig', 'neunzig',
    ];

    private const FR = [
        'zéro', 'un', 'deux', 'trois', 'quatre', 'cinq', 'six', 'sept', 'huit', 'neuf', 'dix', 'onze', 'douze',
        'treize', 'quatorze', 'quinze', 'seize', 'dix sept', 'dix huit', 'dix neuf',
    ];

    private const FR_TENS = [
        2 => 'vingt', 'trente', 'quarante', 'cinquante', 'soixante', 'septante', 'quatre vingt', 'nonante',
    ];

    private const ES = [
        'cero', 'uno', 'dos', 'tres', 'cuatro', 'cinco', 'seis', 'siete', 'ocho', 'nueve', 'diez', 'once', 'doce',
        'trece', 'catorce', 'quince', 'dieciséis', 'diecisiete', 'dieciocho', 'diecinueve', 'veinte', 'veintiuno',
        'veintidós', 'veintitrés', 'veinticuatro', 'veinticinco', 'veintiséis', 'veintisiete', 'veintiocho',
        'veintinueve',
    ];

    private const ES_TENS = [3 => 'treinta', 'cuarenta', 'cincuenta', 'sesenta', 'setenta', 'ochenta', 'noventa'];

    private const ES_HUNDREDS = [
        1 => 'ciento', 'doscientos', 'trescientos', 'cuatrocientos', 'quinientos', 'seiscientos', 'setecientos',
        'ochocientos', 'novecientos',
    ];

    /** @var array<string, int> the words, plain → the number */
    private readonly array $numbers;

    /** @param  list<string>  $minus */
    private function __construct(string $tongue, private readonly array $minus)
    {
        $numbers = [];
        for ($number = 0; isset(self::MINUS[$tongue]) && $number <= 1000; $number++) {
            foreach (self::said($number, $tongue) as $words) {
                $numbers[self::plain($words)] ??= $number;
                $numbers[self::plain(strtr($words, ['ü' => 'ue', 'ö' => 'oe']))] ??= $number;
            }
        }
        $this->numbers = $numbers;
    }

    /** Of a language that is not known there are none. */
    public static function of(string $language): self
    {
        /** @var array<string, self> $known */
        static $known = [];
        $tongue = strtolower(substr($language, 0, 2));

        return $known[$tongue] ??= new self($tongue, self::MINUS[$tongue] ?? []);
    }

    /** The text with the number at its beginning in figures; what follows, a unit, stays. */
    public function inFigures(string $text): string
    {
        [$sign, $rest] = $this->signIn(trim($text));
        if (preg_match('/^[+\-]?[\d.,]/', $rest) === 1) {
            return $sign.$rest;
        }
        $number = $this->numbers[self::plain($rest)] ?? null;
        if ($number !== null) {
            return $sign.$number;
        }
        $cut = mb_strrpos($rest, ' ');
        $number = $cut === false ? null : $this->numbers[self::plain(mb_substr($rest, 0, $cut))] ?? null;

        return $number === null ? $text : $sign.$number.mb_substr($rest, (int) $cut);
    }

    /** @return array{string, string} "-" or nothing, and the rest */
    private function signIn(string $text): array
    {
        $dash = str_starts_with($text, '-') && preg_match('/^-\s*\p{L}/u', $text) === 1;
        if ($dash) {
            return ['-', ltrim(substr($text, 1))];
        }
        foreach ($this->minus as $word) {
            if (preg_match("/^{$word}\\s+/iu", $text, $found) === 1) {
                return ['-', substr($text, strlen($found[0]))];
            }
        }

        return ['', $text];
    }

    private static function plain(string $words): string
    {
        $parted = Normalizer::normalize(mb_strtolower(trim($words)), Normalizer::FORM_KD);

        return (string) preg_replace('/[\s\-‐‑\p{Mn}]+/u', '', strtr($parted === false ? '' : $parted, ['ß' => 'ss']));
    }

    /** @return list<string> the usual way first */
    private static function said(int $number, string $tongue): array
    {
        return match ($tongue) {
            'en' => self::english($number),
            'de' => self::german($number),
            'fr' => self::french($number),
            default => self::spanish($number),
        };
    }

    /** @return list<string> */
    private static function english(int $number): array
    {
        if ($number === 1000) {
            return ['one thousand', 'a thousand', 'thousand'];
        }
        if ($number >= 100) {
            $hundreds = $number < 200
                ? ['one hundred', 'a hundred', 'hundred']
                : [self::EN[intdiv($number, 100)].' hundred'];

            return self::joined($hundreds, $number % 100 === 0 ? [''] : self::english($number % 100), [' ', ' and ']);
        }
        if ($number < 20) {
            return $number === 0 ? ['zero', 'nought', 'none'] : [self::EN[max(0, $number)]];
        }
        $ones = $number % 10 === 0 ? '' : ' '.self::EN[$number % 10];

        return [self::EN_TENS[intdiv($number, 10)].$ones, ...intdiv($number, 10) === 4 ? ["fourty{$ones}"] : []];
    }

    /** @return list<string> */
    private static function german(int $number): array
    {
        if ($number === 1000) {
            return ['tausend', 'eintausend'];
        }
        if ($number >= 100) {
            $one = $number < 200 ? ['ein', ''] : [self::DE[intdiv($number, 100)]];
            $hundreds = array_map(static fn (string $many): string => "{$many}hundert", $one);

            return self::joined($hundreds, $number % 100 === 0 ? [''] : self::german($number % 100), ['', 'und']);
        }
        if ($number < 20) {
            return $number === 1 ? ['eins', 'ein', 'eine'] : ($number === 2 ? ['zwei', 'zwo'] : [self::DE[$number]]);
        }
        $ones = $number % 10 === 0 ? '' : ($number % 10 === 1 ? 'ein' : self::DE[$number % 10]).'und';

        return [$ones.self::DE_TENS[intdiv($number, 10)]];
    }

    /** @return list<string> */
    private static function french(int $number): array
    {
        if ($number === 1000) {
            return ['mille'];
        }
        if ($number >= 100) {
            $many = $number < 200 ? '' : self::FR[intdiv($number, 100)].' ';

            return self::joined(
                ["{$many}cent", "{$many}cents"], $number % 100 === 0 ? [''] : self::french($number % 100), [' '],
            );
        }
        if ($number < 20) {
            return $number === 1 ? ['un', 'une'] : [self::FR[$number]];
        }
        [$tens, $ones] = [intdiv($number, 10), $number % 10];
        $usual = $ones === 0 ? self::FR_TENS[$tens] : self::FR_TENS[$tens].' '.self::FR[$ones];
        $and = self::FR_TENS[$tens].' et un';

        return match (true) {
            $tens === 7 => ['soixante '.($ones === 1 ? 'et onze' : self::FR[10 + $ones]), $ones === 1 ? $and : $usual],
            $tens === 8 => [$usual, ...$ones === 0 ? ['quatre vingts', 'huitante'] : ['huitante '.self::FR[$ones]]],
            $tens === 9 => ['quatre vingt '.self::FR[10 + $ones], $ones === 1 ? $and : $usual],
            default => $ones === 1 ? [$and, $usual] : [$usual],
        };
    }

    /** @return list<string> */
    private static function spanish(int $number): array
    {
        if ($number === 1000) {
            return ['mil'];
        }
        if ($number === 100) {
            return ['cien', 'ciento'];
        }
        if ($number > 100) {
            $hundreds = self::ES_HUNDREDS[intdiv($number, 100)];

            return self::joined(
                [$hundreds, (string) preg_replace('/os$/', 'as', $hundreds)],
                $number % 100 === 0 ? [''] : self::spanish($number % 100),
                [' '],
            );
        }
        if ($number < 30) {
            return match ($number) {
                1 => ['uno', 'un', 'una'],
                21 => ['veintiuno', 'veintiún', 'veintiuna'],
                default => [self::ES[$number]],
            };
        }
        $tens = self::ES_TENS[intdiv($number, 10)];

        return $number % 10 === 0
            ? [$tens]
            : array_map(static fn (string $one): string => "{$tens} y {$one}", self::spanish($number % 10));
    }

    /**
     * @param  list<string>  $before
     * @param  list<string>  $behind
     * @param  list<string>  $between
     * @return list<string> each with each
     */
    private static function joined(array $before, array $behind, array $between): array
    {
        $all = [];
        foreach ($before as $first) {
            foreach ($behind as $last) {
                foreach ($last === '' ? [''] : $between as $middle) {
                    $all[] = $first.$middle.$last;
                }
            }
        }

        return $all;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Unit;

use Brick\Math\BigRational;
use Normalizer;

/**
 * The units an answer may carry, by symbol and by name in English, French, German and Spanish.
 *
 * Factors are exact: those of the SI and, for the customary units, of the international yard and pound agreement of
 * 1959. Symbols keep their case (m and M differ); names don't.
 */
final class Units
{
    private const PREFIXES = [
        'T' => '1000000000000',
        'G' => '1000000000',
        'M' => '1000000',
        'k' => '1000',
        'h' => '100',
        'da' => '10',
        'd' => '1/10',
        'c' => '1/100',
        'm' => '1/1000',
        'µ' => '1/1000000',
        'μ' => '1/1000000',
        'u' => '1/1000000',
        'n' => '1/1000000000',
    ];

    private const PREFIX_NAMES = [
        'tera' => 'T',
        'giga' => 'G',
        'mega' => 'M',
        'kilo' => 'k',
        'hecto' => 'h',
        'hekto' => 'h',
        'deca' => 'da',
        'deci' => 'd',
        'dezi' => 'd',
        'centi' => 'c',
        'zenti' => 'c',
        'milli' => 'm',
        'mili' => 'm',
        'micro' => 'µ',
        'mikro' => 'µ',
        'nano' => 'n',
        'kiló' => 'k',
        'hectó' => 'h',
        'decí' => 'd',
        'centí' => 'c',
        'milí' => 'm',
    ];

    /** Takes SI prefixes: symbol → quantity, factor, names. */
    private const PREFIXED = [
        'm' => ['length', '1', ['metre', 'metres', 'meter', 'meters', 'mètre', 'mètres', 'metro', 'metros']],
        'g' => ['mass', '1/1000', ['gram', 'grams', 'gramme', 'grammes', 'gramm', 'gramo', 'gramos']],
        's' => [
            'time',
            '1',
            ['second', 'seconds', 'sec', 'seconde', 'secondes', 'sekunde', 'sekunden', 'segundo', 'segundos'],
        ],
        'l' => ['volume', '1/1000', ['litre', 'litres', 'liter', 'liters', 'litro', 'litros']],
        'L' => ['volume', '1/1000', []],
        'Hz' => ['frequency', '1', ['hertz']],
        'J' => ['energy', '1', ['joule', 'joules', 'julio', 'julios']],
        'Wh' => ['energy', '3600', []],
        'W' => ['power', '1', ['watt', 'watts', 'vatio', 'vatios']],
        'Pa' => ['pressure', '1', ['pascal', 'pascals']],
        'bar' => ['pressure', '100000', ['bars']],
        'N' => ['force', '1', ['newton', 'newtons', 'neutonio', 'neutonios']],
        'C' => ['charge', '1', ['coulomb', 'coulombs', 'culombio', 'culombios']],
        'Ah' => ['charge', '3600', ['ampere hour', 'ampere hours', 'amperestunde', 'amperestunden']],
        'A' => [
            'current',
            '1',
            ['ampere', 'amperes', 'amp', 'amps', 'ampère', 'ampères', 'amperio', 'amperios'],
        ],
        'V' => ['voltage', '1', ['volt', 'volts', 'voltio', 'voltios']],
        'Ω' => ['resistance', '1', ['ohm', 'ohms', 'ohmio', 'ohmios']],
        'mol' => ['amount', '1', ['mole', 'moles']],
        'B' => ['data', '8', ['byte', 'bytes', 'octet', 'octets']],
        'bit' => ['data', '1', ['bits']],
    ];

    /** Takes none: symbol → quantity, factor, names. */
    private const PLAIN = [
        't' => ['mass', '1000', ['tonne', 'tonnes', 'tonnen', 'tonelada', 'toneladas']],
        'lb' => [
            'mass',
            '45359237/100000000',
            ['lbs', 'pound', 'pounds', 'livre', 'livres', 'pfund', 'libra', 'libras'],
        ],
        'oz' => ['mass', '45359237/1600000000', ['ounce', 'ounces']],
        'in' => ['length', '254/10000', ['inch', 'inches', 'pouce', 'pouces', 'zoll', 'pulgada', 'pulgadas']],
        'ft' => ['length', '3048/10000', ['foot', 'feet', 'fuß', 'pie', 'pies']],
        'yd' => ['length', '9144/10000', ['yard', 'yards']],
        'mi' => ['length', '1609344/1000', ['mile', 'miles', 'meile', 'meilen', 'milla', 'millas']],
        'NM' => [
            'length',
            '1852',
            [
                'nmi',
                'nautical mile',
                'nautical miles',
                'mille marin',
                'milles marins',
                'seemeile',
                'seemeilen',
                'milla náutica',
                'millas náuticas',
            ],
        ],
        'ha' => ['area', '10000', ['hectare', 'hectares', 'hektar', 'hectárea', 'hectáreas']],
        'min' => ['time', '60', ['minute', 'minutes', 'minuten', 'minuto', 'minutos']],
        'h' => [
            'time',
            '3600',
            ['hr', 'hrs', 'hour', 'hours', 'heure', 'heures', 'stunde', 'stunden', 'hora', 'horas'],
        ],
        'd' => ['time', '86400', ['day', 'days', 'jour', 'jours', 'tag', 'tage', 'día', 'días']],
        'week' => ['time', '604800', ['weeks', 'semaine', 'semaines', 'woche', 'wochen', 'semana', 'semanas']],
        'kn' => ['speed', '1852/3600', ['kt', 'kts', 'knot', 'knots', 'nœud', 'nœuds', 'knoten', 'nudo', 'nudos']],
        'mph' => ['speed', '1609344/3600000', ['miles per hour']],
        'km/h' => [
            'speed',
            '1000/3600',
            [
                'kmh',
                'kph',
                'km/hr',
                'kilometres per hour',
                'kilometers per hour',
                'kilomètres par heure',
                'stundenkilometer',
            ],
        ],
        '°' => ['angle', '1', ['deg', 'degree', 'degrees', 'degré', 'degrés', 'grad', 'grado', 'grados']],
        '′' => ['angle', '1/60', ['arcmin']],
        'cal' => ['energy', '4184/1000', ['calorie', 'calories']],
        'kcal' => ['energy', '4184', ['kilocalorie', 'kilocalories']],
        'atm' => ['pressure', '101325', []],
        'mbar' => ['pressure', '100', ['millibar']],
        'rpm' => ['frequency', '1/60', []],
        'Nm' => ['energy', '1', []],
        '%' => [
            'share', '1/100', ['percent', 'per cent', 'prozent', 'pour cent', 'pourcent', 'por ciento', 'percento'],
        ],
    ];

    /** Temperatures as points on a scale: factor to kelvin, and where the scale begins. */
    private const TEMPERATURES = [
        'K' => ['1', '0', ['kelvin', 'kelvins']],
        '°C' => [
            '1',
            '27315/100',
            ['°c', 'celsius', 'degrees celsius', 'degree celsius', 'degrés celsius', 'grad celsius', 'grados celsius'],
        ],
        '°F' => [
            '5/9',
            '45967/180',
            ['°f', 'fahrenheit', 'degrees fahrenheit', 'degrés fahrenheit', 'grad fahrenheit', 'grados fahrenheit'],
        ],
    ];

    /** Letters of the longest symbol; what is longer is a name. */
    public const LONGEST_SYMBOL = 4;

    /** What is written in several ways, in one. */
    private const WRITTEN = [
        '²' => '2', '³' => '3', '⁻' => '-', '¹' => '1', '−' => '-', '^' => '', 'º' => '°', '·' => '*', '⋅' => '*',
        '×' => '*',
    ];

    /** @var array<string, Unit>|null symbols and names of all that need no reading */
    private static ?array $known = null;

    public static function named(string $text): ?Unit
    {
        $text = strtr(trim($text), self::WRITTEN);
        $normal = Normalizer::normalize($text, Normalizer::FORM_C);
        $text = rtrim($normal === false ? '' : $normal, '.');
        if ($text === '' || strlen($text) > 40) {
            return null;
        }

        if (str_starts_with($text, 'Δ')) {
            return self::simple(trim(mb_substr($text, 1)))?->ofDifferences();
        }

        return self::simple($text) ?? Compound::read($text, self::simple(...));
    }

    /** @return list<string> all symbols that need no reading, with their prefixes */
    public static function symbols(): array
    {
        return array_values(array_filter(
            array_map(strval(...), array_keys(self::known())),
            static fn (string $name): bool => ! str_starts_with($name, '~'),
        ));
    }

    private static function simple(string $text): ?Unit
    {
        $known = self::known();

        return $known[$text] ?? ($known['~'.mb_strtolower($text)] ?? null);
    }

    /** @return array<string, Unit> */
    private static function known(): array
    {
        if (self::$known !== null) {
            return self::$known;
        }
        $known = [];
        foreach (self::PREFIXED as $symbol => [$measures, $factor, $names]) {
            self::add($known, $measures, BigRational::of($factor), $symbol, $names);
            foreach (self::PREFIXES as $prefix => $times) {
                self::add($known, $measures, BigRational::of($factor)->multipliedBy($times), $prefix.$symbol, []);
            }
            foreach (self::PREFIX_NAMES as $prefix => $sign) {
                $prefixed = array_map(static fn (string $name): string => $prefix.$name, $names);
                self::add(
                    $known,
                    $measures,
                    BigRational::of($factor)->multipliedBy(self::PREFIXES[$sign]),
                    null,
                    $prefixed,
                );
            }
        }
        foreach (self::PLAIN as $symbol => [$measures, $factor, $names]) {
            self::add($known, $measures, BigRational::of($factor), $symbol, $names);
        }
        foreach (self::TEMPERATURES as $symbol => [$factor, $zero, $names]) {
            self::add($known, 'temperature', BigRational::of($factor), $symbol, $names, BigRational::of($zero));
        }

        return self::$known = $known;
    }

    /**
     * @param  array<string, Unit>  $known
     * @param  list<string>  $names
     */
    private static function add(
        array &$known,
        string $measures,
        BigRational $factor,
        ?string $symbol,
        array $names,
        ?BigRational $zero = null,
    ): void {
        $unit = new Unit($measures, $factor, $zero ?? BigRational::zero());
        if ($symbol !== null) {
            $known[$symbol] = $unit;
        }
        foreach ($names as $name) {
            $known['~'.$name] = $unit;
        }
    }
}

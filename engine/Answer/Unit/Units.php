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

    /** @var array<string, Unit>|null symbols and names of all that need no reading */
    private static ?array $known = null;

    public static function named(string $text): ?Unit
    {
        $text = strtr(trim($text), ['²' => '2', '³' => '3', '^' => '', 'º' => '°', '·' => '*']);
        $normal = Normalizer::normalize($text, Normalizer::FORM_C);
        $text = rtrim($normal === false ? '' : $normal, '.');
        if ($text === '' || strlen($text) > 40) {
            return null;
        }

        if (str_starts_with($text, 'Δ')) {
            return self::simple(trim(mb_substr($text, 1)))?->ofDifferences();
        }

        return self::simple($text) ?? (self::power($text) ?? self::ratio($text));
    }

    private static function simple(string $text): ?Unit
    {
        $known = self::known();

        return $known[$text] ?? ($known['~'.mb_strtolower($text)] ?? null);
    }

    /** A length squared or cubed: m2, square metres. */
    private static function power(string $text): ?Unit
    {
        $power = 0;
        if (preg_match('/^([a-zµμ]{1,3})([23])$/uDi', $text, $part) === 1) {
            [$base, $power] = [$part[1], (int) $part[2]];
        } elseif (preg_match('/^(square|cubic|quadrat|kubik) ?(.+)$/uDi', $text, $part) === 1) {
            [$base, $power] = [$part[2], in_array(strtolower($part[1]), ['square', 'quadrat'], true) ? 2 : 3];
        } elseif (preg_match('/^(.+) (carrés?|cuadrados?|cubes?|cúbicos?)$/uDi', $text, $part) === 1) {
            [$base, $power] = [$part[1], preg_match('/^c(arr|uad)/ui', $part[2]) === 1 ? 2 : 3];
        }
        $length = $power === 0 ? null : self::simple($base);
        if ($length === null || $length->measures !== 'length') {
            return null;
        }

        return new Unit($power === 2 ? 'area' : 'volume', $length->factor->power($power), BigRational::zero());
    }

    /** A length by a time: m/s, km per hour. */
    private static function ratio(string $text): ?Unit
    {
        $parts = preg_split('~ ?/ ?| per | par | pro | por ~u', $text);
        if ($parts === false || count($parts) !== 2) {
            return null;
        }
        [$above, $below] = [self::simple($parts[0]), self::simple($parts[1])];
        if ($above?->measures !== 'length' || $below?->measures !== 'time') {
            return null;
        }

        return new Unit('speed', $above->factor->dividedBy($below->factor), BigRational::zero());
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

<?php

use Brick\Math\BigRational;
use Fravel\Answer\Number;
use Fravel\Answer\Quantity;
use Fravel\Answer\Unit\Units;

it('reads a number as people type it', function (string $typed, ?string $exact, string $language = 'en'): void {
    $number = Number::read($typed, $language);

    expect($number === null ? null : (string) $number->simplified())->toBe($exact);
})->with([
    'plain' => ['42', '42'],
    'signed' => ['+7', '7'],
    'a true minus' => ['−7', '-7'],
    'an en dash for a minus' => ['–7', '-7'],
    'leading zeros' => ['007', '7'],
    'a mark and nothing after it' => ['5.', '5'],
    'a mark and nothing before it' => ['.5', '1/2'],
    'thin spaces group' => ["12\u{2009}345", '12345'],
    'no-break spaces group' => ["12\u{A0}345", '12345'],
    'apostrophes group' => ["1'000'000", '1000000'],
    'English decimals' => ['1,234.5', '2469/2'],
    'German decimals' => ['1.234,5', '2469/2', 'de'],
    'a lone comma with three digits, English' => ['1,500', '1500'],
    'a lone comma with three digits, French' => ['1,500', '3/2', 'fr'],
    'a lone point with three digits, Spanish' => ['1.500', '1500', 'es'],
    'a lone point with three digits, Japanese' => ['1.500', '3/2', 'ja'],
    'a lone comma with two digits' => ['1,50', '3/2'],
    'per cent' => ['12.5 %', '1/8'],
    'a fraction' => ['2/6', '1/3'],
    'a fraction with a slash of its own' => ['1⁄3', '1/3'],
    'a mixed number' => ['1 1/4', '5/4'],
    'a negative fraction' => ['-1/4', '-1/4'],
    'scientific' => ['2.5e-3', '1/400'],
    'scientific with a cross' => ['6 × 10^3', '6000'],
    'scientific with superscripts' => ['1.5×10⁻²', '3/200'],
    'full-width digits' => ['１２', '12'],
    'nothing' => ['', null],
    'a word' => ['twelve', null],
    'a number in words' => ['about 3', null],
    'two numbers' => ['3 4', null],
    'divided by nothing' => ['1/0', null],
    'badly grouped' => ['1,23,456', null],
    'two decimal marks' => ['1.2.3', null],
    'a sign alone' => ['-', null],
    'a power beyond all bounds' => ['1e500', null],
    'longer than anybody types' => [str_repeat('9', 200), null],
]);

it('reads every decimal back that it could be given', function (int $seed): void {
    mt_srand($seed);
    $digits = mt_rand(-999_999, 999_999);
    $places = mt_rand(0, 5);
    $exact = BigRational::nd($digits, 10 ** $places);
    $typed = number_format($digits / 10 ** $places, $places, '.', '');

    expect(Number::read($typed, 'en')?->isEqualTo($exact))->toBeTrue($typed)
        ->and($places === 3 || Number::read(str_replace('.', ',', $typed), 'de')?->isEqualTo($exact))->toBeTrue($typed);
})->with(range(1, 40));

it('rounds half away from zero', function (string $number, int $places, string $rounded): void {
    expect((string) Number::rounded(BigRational::of($number), $places))->toBe($rounded);
})->with([
    ['5/2', 0, '3'],
    ['-5/2', 0, '-3'],
    ['1/8', 2, '0.13'],
    ['-1/8', 2, '-0.13'],
    ['249/100', 1, '2.5'],
    ['1/3', 3, '0.333'],
]);

it('converts a quantity exactly', function (string $typed, string $unit, ?string $exact): void {
    $number = Quantity::read($typed, 'en')?->in(Units::named($unit));

    expect($number === null ? null : (string) $number->simplified())->toBe($exact);
})->with([
    'length' => ['2.5 km', 'm', '2500'],
    'length, no space' => ['40cm', 'm', '2/5'],
    'an inch' => ['1 in', 'cm', '127/50'],
    'a nautical mile' => ['1 nmi', 'm', '1852'],
    'area' => ['1 ha', 'm2', '10000'],
    'area in words' => ['3 square metres', 'cm²', '30000'],
    'area in French' => ['3 mètres carrés', 'm2', '3'],
    'volume' => ['1 l', 'cm3', '1000'],
    'volume in words' => ['2 cubic metres', 'l', '2000'],
    'mass' => ['2 t', 'kg', '2000'],
    'mass in micrograms' => ['5 µg', 'mg', '1/200'],
    'time' => ['1.5 h', 'min', '90'],
    'time in German' => ['2 Stunden', 's', '7200'],
    'speed' => ['36 km/h', 'm/s', '10'],
    'speed in words' => ['5 metres per second', 'km/h', '18'],
    'temperature up' => ['100 °C', 'K', '7463/20'],
    'temperature across' => ['32 °F', '°C', '0'],
    'angle' => ['90°', 'degrees', '90'],
    'frequency' => ['2 kHz', 'Hz', '2000'],
    'energy' => ['1 kWh', 'MJ', '18/5'],
    'power' => ['1.2 kW', 'W', '1200'],
    'pressure' => ['1 bar', 'hPa', '1000'],
    'data' => ['1 MB', 'bit', '8000000'],
    'a unit left out' => ['12', 'm', '12'],
    'another quantity' => ['12 kg', 'm', null],
    'an unknown unit' => ['12 cubits', 'm', null],
    'a unit alone' => ['km', 'm', null],
]);

it('tells symbols apart that differ only in their case', function (): void {
    expect((string) Units::named('Mm')->factor->simplified())->toBe('1000000')
        ->and((string) Units::named('mm')->factor->simplified())->toBe('1/1000')
        ->and(Units::named('METRE')->measures)->toBe('length')
        ->and(Units::named('KM'))->toBeNull();
});

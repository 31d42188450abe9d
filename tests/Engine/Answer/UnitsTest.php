<?php

use Fravel\Answer\Quantity;
use Fravel\Answer\Unit\Units;

it('converts as GNU units does', function (): void {
    $cases = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/Examples/units.json'), true);
    expect(count($cases))->toBeGreaterThan(250);
    foreach ($cases as [$from, $to, $factor]) {
        $unit = Units::named($to);
        $number = $unit === null ? null : Quantity::read("1 {$from}", 'en')?->in($unit);
        expect($number)->not->toBeNull("{$from} in {$to}");
        expect(abs($number->toFloat() / $factor - 1))->toBeLessThan(1e-9, "{$from} in {$to}");
    }
});

it('knows units by their names in four languages', function (string $name, string $symbol): void {
    [$named, $meant] = [Units::named($name), Units::named($symbol)];

    expect($named?->measures)->toBe($meant->measures)->and($named->factor->isEqualTo($meant->factor))->toBeTrue();
})->with([
    ['neutonios', 'N'], ['ampères', 'A'], ['Voltios', 'V'], ['Ohm', 'Ω'], ['Amperestunden', 'Ah'],
    ['kilovolts', 'kV'], ['kilómetros por hora', 'km/h'], ['Meter pro Sekunde', 'm/s'], ['mètres carrés', 'm2'],
    ['Kubikmeter', 'm3'], ['grammes par litre', 'g/l'], ['m·s⁻²', 'm/s2'], ['kg·m/s²', 'N'],
]);

it('reads no unit into other words, and converts nothing into what it is not', function (string $text): void {
    expect(Units::named($text))->toBeNull();
})->with(['seals per day', 'm/', '/s', 'in a row', 'h 30 min', 'm 2', 'm0', 'a', 'square', 'km/h/', 'm*', 'apples/kg']);

it('keeps quantities apart', function (string $given, string $unit): void {
    expect(Quantity::read($given, 'en')?->in(Units::named($unit)))->toBeNull();
})->with([['5 kg', 'N'], ['3 V', 'A'], ['2 m/s', 'm/s2'], ['1 g/l', 'mol/l'], ['4 mol', 'g']]);

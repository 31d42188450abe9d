<?php

use Fravel\Document\Salvage;
use Fravel\Document\Validation;
use Tests\Support\Games;
use Tests\Support\RandomGames;

it('keeps what is sound of a document, and says what it left out', function (
    array $change, string $place, string $code,
): void {
    $broken = array_replace_recursive(Games::twoRooms(), $change);
    $kept = Salvage::of($broken);
    if ($code === 'version.unknown') {
        expect($kept)->toBeNull();

        return;
    }

    expect(Validation::ofShape($kept->document))->toBe([])
        ->and(array_column($kept->left, 'code'))->toContain($code)
        ->and(array_column($kept->left, 'place'))->toContain($place)
        ->and(count($kept->document['scenes']))->toBeGreaterThanOrEqual(2)
        ->and(Salvage::of($kept->document)->left)->toBe([]);
})->with('broken documents');

it('leaves a sound document as it is', function (int $seed): void {
    $document = (new RandomGames($seed))->document();

    expect(Salvage::of($document)->document)->toBe($document)->and(Salvage::of($document)->left)->toBe([]);
})->with(range(1, 5));

it('keeps the rest when fields are drawn and spoilt', function (int $seed): void {
    $drawn = new RandomGames($seed);
    $document = $drawn->document();
    foreach (range(1, 12) as $hurt) {
        $scene = $drawn->pick(array_keys($document['scenes']));
        $thing = $drawn->pick([...array_keys($document['scenes'][$scene]['things']), 99]);
        $field = $drawn->pick(['kind', 'id', 'input', 'rules', 'react', 'box']);
        $document['scenes'][$scene]['things'][$thing][$field] = $drawn->pick([
            7, 'x', null, [1], ['a' => 'b'],
        ]);
        $document['scenes'][$scene]['things'] = array_values($document['scenes'][$scene]['things']);
    }
    $kept = Salvage::of($document);

    expect(Validation::ofShape($kept->document))->toBe([])
        ->and(array_column($kept->document['scenes'], 'id'))->toBe(array_column($document['scenes'], 'id'));
})->with(range(1, 20));

it('leaves the sound entries of a list in which several are not', function (): void {
    $tokens = [['name' => 'x'], ['id' => 'two', 'name' => 7], ['name' => 'y'], ['id' => 'four', 'kind' => 'weapon']];
    $kept = Salvage::of(['tokens' => $tokens] + Games::twoRooms());

    expect(array_column($kept->document['tokens'], 'id'))->toBe(['two', 'four']);
});

it('finds nothing to keep where there is no scene', function (mixed $scenes): void {
    expect(Salvage::of(['fravel' => 1, 'scenes' => $scenes]))->toBeNull();
})->with([[null], [[]], ['text'], [[['title' => 'no id']]], [[7]]]);

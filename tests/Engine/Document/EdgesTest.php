<?php

use Fravel\Edit\DocumentPath;
use Tests\Support\Engine\EdgeCases;

it('takes every number at its edges, or says that it does not', function (array $place): void {
    $document = EdgeCases::document();
    $isTaken = array_map(static fn (mixed $number): bool => EdgeCases::through(
        DocumentPath::put($document, $place, $number),
    ), EdgeCases::NUMBERS);

    expect($isTaken)->toContain(true);
})->with(array_map(static fn (array $place): array => [$place], EdgeCases::numbers(EdgeCases::document())));

it('reads an object with nothing in it, or anything else, wherever a part stands', function (mixed $instead): void {
    foreach (EdgeCases::parts(EdgeCases::document()) as $place) {
        EdgeCases::through(DocumentPath::put(EdgeCases::document(), $place, $instead));
    }
    expect(EdgeCases::parts(EdgeCases::document()))->toHaveKey('/scenes/1/stop');
})->with([[new stdClass], [[]], ['x'], [5], [null]]);

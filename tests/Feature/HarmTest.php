<?php

use Tests\Support\Harm\Arena;
use Tests\Support\Harm\Bodies;
use Tests\Support\Harm\Clocks;
use Tests\Support\Harm\CutFiles;
use Tests\Support\Harm\CutStore;
use Tests\Support\Harm\Exports;
use Tests\Support\Harm\Figure;
use Tests\Support\Harm\Fuzz;
use Tests\Support\Harm\KeptWrites;
use Tests\Support\Harm\Kills;
use Tests\Support\Harm\OnlyToRead;
use Tests\Support\Harm\PowerCut;
use Tests\Support\Harm\Strangers;

it('holds against a small share of what ./fravel harm does', function (): void {
    $arena = Arena::open();
    $figures = [
        ...Kills::report($arena, 12, 1, 2.0), ...Strangers::report($arena, 4), ...Bodies::report($arena, 5, 80, 4.0),
        ...Fuzz::report(5, 30, 2.0),
        ...KeptWrites::canBeTraced() ? PowerCut::report($arena, 5, 12, 6.0) : [],
        ...CutFiles::report($arena, 5, 15, 3.0), ...CutStore::report($arena, 5, 12, 2.0),
        ...Clocks::report($arena, 5, 12, 2.0), ...OnlyToRead::report($arena), Exports::taken($arena, 402),
    ];
    $arena->close();

    expect(array_values(array_map(
        static fn (Figure $one): string => $one->text(),
        array_filter($figures, static fn (Figure $one): bool => ! $one->isReached),
    )))->toBe([])->and(count($figures))->toBeGreaterThan(5);
});

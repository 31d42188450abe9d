<?php

use Fravel\Document\GameDocument;
use Fravel\Support\Json;
use Tests\Support\Engine\MendsCases;
use Tests\Support\RandomGames;

test('every mend mends what it is offered for', function (string $file): void {
    $example = Json::readObject((string) file_get_contents($file));

    expect(MendsCases::failing(GameDocument::of($example['game'])))->toBe([]);
})->with(
    fn () => array_map(
        static fn (string $file): array => [$file],
        array_combine(
            array_map(
                static fn (string $file): string => strtr(basename($file, '.json'), '-', ' '),
                $files = glob(dirname(__DIR__, 2).'/Examples/checks/*.json'),
            ),
            $files,
        ),
    ),
);

test('and in games of any kind', function (int $seed): void {
    expect(MendsCases::failing(GameDocument::of((new RandomGames($seed))->document())))->toBe([]);
})->with(range(1, 12));

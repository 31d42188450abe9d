<?php

use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Check\Severity;
use Fravel\Document\GameDocument;
use Fravel\Support\Json;

test('checks', function (string $file): void {
    $example = Json::readObject((string) file_get_contents($file));
    $verdicts = Check::of(GameDocument::of($example['game']));
    $codes = static fn (Severity $severity): array => array_values(array_unique(array_map(
        static fn (Finding $finding): string => $finding->code,
        array_filter($verdicts->findings, static fn (Finding $finding): bool => $finding->severity === $severity),
    )));

    expect($codes(Severity::Error))->toEqualCanonicalizing($example['expect']['errors'])
        ->and(array_diff($example['expect']['warnings'], $codes(Severity::Warning)))->toBe([])
        ->and(
            array_intersect($example['expect']['absent'], [...$codes(Severity::Error), ...$codes(Severity::Warning)])
        )->toBe([])
        ->and($verdicts->isProved)->toBe($example['expect']['proved']);
})->with(
    fn () => array_map(
        static fn (string $file): array => [$file],
        array_combine(
            array_map(
                static fn (string $file): string => strtr(basename($file, '.json'), '-', ' '),
                $files = glob(__DIR__.'/checks/*.json'),
            ),
            $files,
        ),
    ),
);

<?php

use Fravel\Support\Palette;
use Symfony\Component\Finder\Finder;
use Tests\Support\Architecture\BoundariesCases;

arch('the engine knows no framework')->expect('Fravel')->toUseNothing()
    ->ignoring(['Fravel', 'Brick\Math', 'Normalizer', 'WeakMap']);

arch('a state knows no document')->expect('Fravel\State')->toOnlyUse(['Fravel\State', 'Fravel\Support']);

arch('support stands on its own')->expect('Fravel\Support')->toOnlyUse(['Fravel\Support', 'Fravel\Exception']);

const KINDS = ['Fravel\Condition', 'Fravel\Effect', 'Fravel\Thing', 'Fravel\Answer', 'Fravel\Document'];

arch('what a game is made of knows nobody who plays, checks or edits it')
    ->expect(KINDS)->not->toUse(['Fravel\Play', 'Fravel\Check', 'Fravel\Edit', 'Fravel\Pattern', 'Fravel\Worksheet']);

arch('play knows no edits')->expect('Fravel\Play')->not->toUse(['Fravel\Edit', 'Fravel\Pattern', 'Fravel\Worksheet']);

arch('nothing in the engine knows the check')
    ->expect([
        ...KINDS, 'Fravel\Play', 'Fravel\Edit', 'Fravel\Pattern', 'Fravel\Worksheet',
        'Fravel\Rows', 'Fravel\Built',
    ])->not->toUse('Fravel\Check');

arch('nothing in the engine knows the made-up class')
    ->expect([
        ...KINDS, 'Fravel\Play', 'Fravel\Check', 'Fravel\Report', 'Fravel\Edit', 'Fravel\Pattern', 'Fravel\Worksheet',
    ])->not->toUse('Fravel\Simulate');

arch('nothing in the engine knows the report')
    ->expect([
        ...KINDS, 'Fravel\Play', 'Fravel\Check', 'Fravel\Edit', 'Fravel\Pattern', 'Fravel\Worksheet',
    ])->not->toUse('Fravel\Report');

arch('edits, patterns and worksheets know no play')
    ->expect(['Fravel\Edit', 'Fravel\Pattern', 'Fravel\Worksheet'])->not->toUse('Fravel\Play');

arch('rows know only answers')->expect('Fravel\Rows')->toOnlyUse(['Fravel\Rows', 'Fravel\Answer', 'Fravel\Support']);

arch('who plays what was built knows nobody who builds')
    ->expect('Fravel\Built')->not->toUse(['Fravel\Pattern', 'Fravel\Worksheet', 'Fravel\Edit', 'Fravel\Check']);

arch('edits know no pattern')->expect('Fravel\Edit')->not->toUse(['Fravel\Pattern', 'Fravel\Worksheet']);

test('only a family asks which of its kinds something is', function (): void {
    $root = dirname(__DIR__, 2);
    $families = [
        'Fravel\\Condition\\', 'Fravel\\Effect\\', 'Fravel\\Thing\\', 'Fravel\\Answer\\Input\\',
        'Fravel\\Answer\\Matcher\\',
    ];
    $asked = [];
    foreach (
        array_merge(
            ...array_map(
                static fn (string $folder): array => BoundariesCases::glob_recursive("{$root}/{$folder}", '*.php'),
                ['engine', 'app', 'cli', 'tools'],
            ),
        ) as $file
    ) {
        $source = (string) file_get_contents($file);
        preg_match_all('/^use ([\w\\\\]+?)(?: as (\w+))?;/m', $source, $uses, PREG_SET_ORDER);
        preg_match_all('/instanceof (\w+)/', $source, $kinds);
        $names = array_column(
            array_map(
                static fn (array $use): array => [$use[2] ?? substr((string) strrchr("\\{$use[1]}", '\\'), 1), $use[1]],
                $uses,
            ),
            1, 0,
        );
        foreach ($kinds[1] as $kind) {
            $isOne = array_filter(
                $families, static fn (string $family): bool => str_starts_with($names[$kind] ?? '', $family),
            ) !== [];
            $isOne ? $asked[] = substr($file, strlen($root) + 1).": {$kind}" : null;
        }
    }

    expect($asked)->toBe([]);
});

arch('engine values are final')->expect('Fravel')->classes()->toBeFinal()->ignoring(['Fravel\Thing\Thing']);

arch('strict types everywhere')->expect(['Fravel', 'App', 'Cli', 'Tools'])->toUseStrictTypes();

arch('nothing is left behind from looking for faults')
    ->expect(['dd', 'dump', 'var_dump', 'ray', 'print_r'])->not->toBeUsed();

arch('the engine reads no clock, dice or files')
    ->expect([
        'time', 'microtime', 'hrtime', 'date', 'rand', 'mt_rand', 'random_int', 'random_bytes', 'uniqid',
        'file_get_contents', 'file_put_contents', 'getenv',
    ])
    ->not->toBeUsedIn('Fravel');

arch('no filler names')
    ->expect([
        'Fravel', 'App', 'Cli', 'Tools',
    ])->not->toHaveSuffix('Manager')->not->toHaveSuffix('Helper')
    ->not->toHaveSuffix('Util')->not->toHaveSuffix('Service');

arch('controllers are only reached through routes')
    ->expect('App\Http\Controllers')->not->toBeUsedIn([
        'App\Actions', 'App\Models', 'App\Play', 'App\Report', 'App\View', 'App\Workshop',
    ]);

test('tests of the engine lie in folders as its own', function (): void {
    $folders = static fn (string $of): array => array_map(
        basename(...), glob(dirname(__DIR__, 2)."/{$of}/*", GLOB_ONLYDIR) ?: [],
    );

    expect(array_diff($folders('tests/Engine'), $folders('engine')))->toBe([]);
});

test('no template holds an inline script, style or handler', function (): void {
    foreach (BoundariesCases::glob_recursive(dirname(__DIR__, 2).'/resources/views', '*.blade.php') as $file) {
        $markup = (string) file_get_contents($file);
        expect(preg_match('/<script(?![^>]*(src=|type="application\/json"))|\son[a-z]+="|\sstyle="/', $markup))
            ->toBe(0, basename($file));
    }
});

it('has no line of more than 120 columns', function (string $folder, string $pattern): void {
    $made = ['fields-table.js', 'palette.js', 'units-table.js'];
    foreach (Finder::create()->files()->in(dirname(__DIR__, 2)."/{$folder}")->name($pattern)->notName($made) as $file) {
        foreach (explode("\n", $file->getContents()) as $number => $line) {
            expect(mb_strlen($line))->toBeLessThanOrEqual(120, "{$file->getPathname()}:".($number + 1));
        }
    }
})->with([
    'engine' => ['engine', '*.php'], 'application' => ['app', '*.php'], 'command line' => ['cli', '*.php'],
    'tools' => ['tools', '/\.(php|js)$/'], 'words' => ['lang', '*.php'], 'database' => ['database', '*.php'],
    'tests' => ['tests', '/\.(php|js)$/'], 'templates' => ['resources/views', '*.blade.php'],
    'scripts' => ['resources/js', '*.js'], 'styles' => ['resources/css', '*.css'], 'start' => ['bin', '*.php'],
]);

it('has styles and scripts in the colours of the palette, and no others', function (): void {
    $resources = dirname(__DIR__, 2).'/resources';
    $colour = '/#[0-9a-f]{3,8}\b|\b(?:rgb|hsl)a?\(/i';
    foreach (Finder::create()->files()->in("{$resources}/css")->notName('palette.css') as $file) {
        expect(preg_match_all($colour, $file->getContents()))->toBe(0, $file->getFilename());
    }
    foreach (Palette::COLOURS as $name => $hex) {
        expect((string) file_get_contents("{$resources}/css/palette.css"))->toContain("--color-{$name}: {$hex};");
    }
    expect((string) file_get_contents("{$resources}/js/lib/palette.js"))->toContain(json_encode(Palette::COLOURS));
});

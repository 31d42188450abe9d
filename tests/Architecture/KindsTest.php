<?php

use Fravel\Answer\Input\Inputs;
use Fravel\Answer\Matcher\Matchers;
use Fravel\Condition\Conditions;
use Fravel\Effect\Effects;
use Fravel\Thing\Things;

/**
 * Where each kind of a family must be told of: a file, and what stands in it, with NAME for the kind. A kind that is
 * added in one place and forgotten in another is told by name and place.
 *
 * @return array<string, array{class-string, array<string, string>, list<string>}> family → its list, its places, and
 *     kinds that are made in another way
 */
function placesOfKinds(): array
{
    $words = static fn (string $family): array => [
        'lang/en/kinds.php' => "/'{$family}' => \[(?:(?!\n    \]).)*'NAME' =>/s",
        'lang/de/kinds.php' => "/'{$family}' => \[(?:(?!\n    \]).)*'NAME' =>/s",
    ];
    $format = ['docs/format/README.md' => '/[`"]NAME[`"]/', 'docs/format/game.schema.json' => '/"NAME"/'];
    $table = static fn (string $family): array => [
        'resources/js/workshop/editor/fields-table.js' => "/\"{$family}\.NAME\":/",
    ];

    return [
        'matcher' => [Matchers::class, $words('matcher') + $format + $table('matcher') + [
            'resources/js/workshop/scene/lock/matches.js' => '/const BEGIN = .*\n    NAME: .*'
                .'const fields = .*\n        NAME: /s',
            'lang/en/cards.php' => "/'names' => \[(?:(?!\n        \]).)*'NAME' =>/s",
            'lang/de/cards.php' => "/'names' => \[(?:(?!\n        \]).)*'NAME' =>/s",
            'tests/Examples/answers.json|tests/Examples/more-answers.json' => '/"NAME":/',
        ], []],
        'input' => [Inputs::class, $words('input') + $format + $table('input') + [
            'resources/js/workshop/scene/lock/kinds/*.js' => '/^(const |    )NAME( = \{$|: \{$|,)/m',
            'resources/views/play/inputs/NAME.blade.php' => '/\S/',
            'tests/Examples/answers.json|tests/Examples/more-answers.json' => '/"type": ?"NAME"/',
        ], []],
        'condition' => [Conditions::class, $words('condition') + $format + $table('condition') + [
            'resources/js/workshop/scene/condition*.js' => '/\bNAME\b/',
        ], []],
        'effect' => [Effects::class, $words('effect') + $format + $table('effects') + [
            'resources/js/workshop/scene/effect-kinds.js' => '/\bNAME\b/',
        ], []],
        'thing' => [Things::class, $format + $table('things') + [
            'resources/views/play/things/NAME.blade.php' => '/\S/',
            'resources/js/workshop/scene/thing.js' => '/^    NAME: .*^    NAME: /ms',
        ], []],
    ];
}

it('tells of each kind wherever one must be told of', function (string $family): void {
    [$list, $places, $others] = placesOfKinds()[$family];
    $missing = [];
    foreach (array_diff(array_keys($list::FAMILY), $others) as $name) {
        foreach ($places as $files => $pattern) {
            $all = array_merge(...array_map(
                static fn (string $file): array => glob(dirname(__DIR__, 2)."/{$file}") ?: [],
                explode('|', str_replace('NAME', $name, $files)),
            ));
            $text = implode('', array_map(file_get_contents(...), $all));
            preg_match(str_replace('NAME', $name, $pattern), $text) === 1 || $missing[] = "{$name}: {$files}";
        }
    }

    expect($missing)->toBe([]);
})->with(['matcher', 'input', 'condition', 'effect', 'thing']);

<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Answer\Input\Inputs;
use Fravel\Answer\Matcher\Matchers;
use Fravel\Condition\Conditions;
use Fravel\Effect\Effects;
use Fravel\Film\Stop;
use Fravel\Thing\Things;

/** The published JSON Schema, with what each kind says of its own fields. */
final class Schema
{
    /** What a thing or a scene says of warnings of the check. */
    private const MEANT = [
        'type' => 'array', 'items' => ['type' => 'string'],
        'description' => 'codes of warnings that are meant so',
    ];

    /**
     * What a condition or an effect means that leaves a field out.
     *
     * @return array<string, array<string, array<string, mixed>>> family → kind → field → value
     */
    public static function defaults(): array
    {
        $of = static fn (string $kind): array => array_filter(
            array_map(static fn (array $field): mixed => $field['default'] ?? null, $kind::schema()),
            static fn (mixed $value): bool => $value !== null,
        );

        return array_map(
            static fn (array $kinds): array => array_filter(array_map($of, $kinds)),
            ['condition' => Conditions::kinds(), 'effects' => Effects::kinds()],
        );
    }

    /**
     * @param  array<array-key, mixed>  $schema  as it is published, or an earlier one
     * @return array<array-key, mixed> the same with the families as they are now
     */
    public static function filled(array $schema): array
    {
        /** @var array<string, array<string, mixed>> $defs */
        $defs = $schema['$defs'] ?? [];
        foreach (
            [
                'condition' => Conditions::kinds(), 'effect' => Effects::kinds(), 'matcher' => Matchers::kinds(),
            ] as $name => $kinds
        ) {
            $defs[$name] = array_replace($defs[$name] ?? [], [
                'properties' => self::fields($kinds),
                'oneOf' => array_map(static fn (string $key): array => ['required' => [$key]], array_keys($kinds)),
            ]);
        }
        foreach (
            ['thing' => ['kind', Things::kinds()], 'input' => ['type', Inputs::kinds()]] as $name => [$key, $kinds]
        ) {
            $properties = $defs[$name]['properties'] ?? [];
            $defs[$name] = array_replace($defs[$name] ?? [], [
                'properties' => array_replace(
                    is_array($properties) ? $properties : [],
                    [$key => ['enum' => array_keys($kinds)]],
                    self::fields($kinds),
                ),
            ]);
        }

        $thing = $defs['thing']['properties'] ?? [];
        $defs['thing']['properties'] = (is_array($thing) ? $thing : []) + ['meant' => self::MEANT];
        $scene = $defs['scene']['properties'] ?? [];
        $defs['scene']['properties'] = array_replace(is_array($scene) ? $scene : [], [
            'stop' => Stop::schema(),
            'meant' => self::MEANT,
            'waits' => [
                'type' => 'boolean',
                'description' => 'going on waits until all locks here are open and all boards found',
            ],
            'sound' => ['type' => ['string', 'null'], 'description' => 'an asset, heard once a student wants it'],
        ]);

        return array_replace($schema, ['$defs' => $defs]);
    }

    /**
     * @param  array<string, class-string>  $kinds
     * @return array<string, mixed>
     */
    private static function fields(array $kinds): array
    {
        return array_merge(
            [], ...array_map(static fn (string $class): array => $class::schema(), array_values($kinds)),
        );
    }
}

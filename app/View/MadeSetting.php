<?php

declare(strict_types=1);

namespace App\View;

use Fravel\Support\Json;

/** A setting drawn from a few shapes in the colours of a tone, to stand behind a stage. */
final readonly class MadeSetting
{
    /** What they show is said in words in `workshop.settings`. */
    private const KINDS = [
        'room',
        'hearth',
        'cellar',
        'library',
        'corridor',
        'quay',
        'tower',
        'desk',
        'wood',
        'workshop',
    ];

    /** Tone → colours of its parts. */
    private const TONES = [
        'lamplight' => [
            'wall' => '#cfae7b',
            'stripe' => '#c8a670',
            'floor' => '#7c4f33',
            'wood' => '#573622',
            'dark' => '#3a2318',
            'sky' => '#24505c',
            'sea' => '#17414d',
            'light' => '#f2b134',
        ],
        'day' => [
            'wall' => '#eadfc8',
            'stripe' => '#e0d2b4',
            'floor' => '#b98d5f',
            'wood' => '#7a5433',
            'dark' => '#5a4630',
            'sky' => '#b9d6d8',
            'sea' => '#3f7f8c',
            'light' => '#f7cf73',
        ],
        'night' => [
            'wall' => '#2b4450',
            'stripe' => '#264049',
            'floor' => '#1d2f38',
            'wood' => '#16262e',
            'dark' => '#10222b',
            'sky' => '#14303c',
            'sea' => '#0d2732',
            'light' => '#f2d58b',
        ],
        'dusk' => [
            'wall' => '#b7a9b4',
            'stripe' => '#ab9dab',
            'floor' => '#6d5a66',
            'wood' => '#4a3b4a',
            'dark' => '#33283a',
            'sky' => '#8f8bb8',
            'sea' => '#4c4b78',
            'light' => '#f6b78f',
        ],
    ];

    public static function isKnown(string $kind, string $tone): bool
    {
        return in_array($kind, self::KINDS, true) && isset(self::TONES[$tone]);
    }

    /** @return list<string> */
    public static function tones(): array
    {
        return array_keys(self::TONES);
    }

    /** @return list<string> */
    public static function kinds(): array
    {
        return self::KINDS;
    }

    /** @return list<string> what light falls on each part, as an asset says it; made by `tools/build/shades.php` */
    public static function shades(string $kind, string $tone): array
    {
        /** @var array<string, array<string, list<string>>> $shades */
        $shades = Json::read((string) file_get_contents(resource_path('settings/shades.json')));

        return $shades[$kind][$tone];
    }

    /** The drawing, as SVG. */
    public static function svg(string $kind, string $tone): string
    {
        /** @var view-string $template */
        $template = "settings.{$kind}";

        return view($template, ['tone' => self::TONES[$tone]])->render();
    }
}

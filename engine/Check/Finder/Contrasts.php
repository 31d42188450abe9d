<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Asset;
use Fravel\Document\Layout;
use Fravel\Document\Scene;
use Fravel\Support\Contrast;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;
use Fravel\Thing\Words;

/** Words that are hard to read on the colour they stand on. */
final class Contrasts implements SceneFinder
{
    /** What WCAG 2.2 wants at least for text (1.4.3). */
    private const LEAST = 4.5;

    /** A picture is uneven: what is below this on a whole part of it is hard to read (1.4.11, and large words). */
    private const LEAST_ON_PICTURES = 3.0;

    /** Of a stage, in units. */
    private const WIDTH = 1600;

    private const HEIGHT = 900;

    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $findings = [];
        foreach ([...self::onColours($scene), ...self::onPicture($context, $scene)] as [$thing, $colour, $isBare]) {
            $findings[] = Finding::warning(
                'contrast.low',
                [$thing, $scene->id],
                ['scene' => $context->titleOf($scene->id), 'part' => $context->calls($thing), 'colour' => $colour],
            )->mendedBy($isBare ? $context->mends->plate($thing) : null);
        }

        return $findings;
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return implode(' ', self::shades($context, $scene));
    }

    /** @return list<array{string, string, bool}> thing, colour its words are hard to read on, whether they are bare */
    private static function onColours(Scene $scene): array
    {
        $behind =
            $scene->layout === Layout::Stage && $scene->backdrop->asset === null ? $scene->backdrop->colour : null;
        $found = [];
        foreach (self::words($scene) as [$thing, $words]) {
            $on = $words->isBare ? $behind : $words->on;
            $isColour = $on !== null && preg_match('/^#[0-9a-f]{6}$/Di', $on) === 1;
            if ($isColour && Contrast::between((string) $words->colour, $on) < self::LEAST) {
                $found[] = [$thing->id, $on, $words->isBare];
            }
        }

        return $found;
    }

    /** @return list<array{string, string, true}> thing, and the colour of a part of the picture behind it */
    private static function onPicture(CheckContext $context, Scene $scene): array
    {
        $shades = self::shades($context, $scene);
        $found = [];
        foreach ($shades === [] ? [] : self::words($scene) as [$thing, $words]) {
            foreach ($words->isBare ? self::under($thing->common->box, $shades) : [] as $shade) {
                if (Contrast::between((string) $words->colour, $shade) < self::LEAST_ON_PICTURES) {
                    $found[$thing->id] = [$thing->id, $shade, true];
                }
            }
        }

        return array_values($found);
    }

    /** @return list<string> of the picture behind a stage; none where nothing is known of it */
    private static function shades(CheckContext $context, Scene $scene): array
    {
        return $scene->layout === Layout::Stage && $scene->backdrop->asset !== null
            ? $context->game->assets()[$scene->backdrop->asset]->shades ?? []
            : [];
    }

    /**
     * Those of the parts that hold the middles of a box's left, middle and right.
     *
     * @param  array{int|float, int|float, int|float, int|float}|null  $box
     * @param  list<string>  $shades  of all twelve
     * @return list<string>
     */
    private static function under(?array $box, array $shades): array
    {
        if ($box === null) {
            return [];
        }
        [$left, $top, $width, $height] = $box;
        $row = self::place($top + $height / 2, self::HEIGHT, Asset::SHADES_DOWN);
        $columns = array_map(
            static fn (float $part): int => self::place($left + $part * $width, self::WIDTH, Asset::SHADES_ACROSS),
            [0.1, 0.5, 0.9],
        );

        return array_map(
            static fn (int $column): string => $shades[$row * Asset::SHADES_ACROSS + $column],
            array_values(array_unique($columns)),
        );
    }

    private static function place(float $at, int $whole, int $parts): int
    {
        return max(0, min($parts - 1, (int) floor($at / $whole * $parts)));
    }

    /** @return list<array{Thing, Words}> words of a colour that is known, and the thing they stand on */
    private static function words(Scene $scene): array
    {
        $found = [];
        foreach (Things::flattened($scene->things) as $thing) {
            foreach ($thing->words() as $words) {
                if ($words->colour !== null && $words->md !== '') {
                    $found[] = [$thing, $words];
                }
            }
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace App\Play;

use Illuminate\Support\HtmlString;

/** Attributes of what stands on a stage, which is 1600 × 900 units. */
final class OnStage
{
    /**
     * The things that have a place on the stage, in their order.
     *
     * @return list<array<string, mixed>>
     */
    public static function of(Screen $screen): array
    {
        return array_values(
            array_filter($screen->view->things, static fn (array $thing): bool => $thing['box'] !== null),
        );
    }

    /** @param  array<string, mixed>  $thing */
    public static function box(array $thing): HtmlString
    {
        return new HtmlString(vsprintf('x="%s" y="%s" width="%s" height="%s"', $thing['box']));
    }

    /** @param  array<string, mixed>  $thing */
    public static function turn(array $thing): HtmlString
    {
        if (! $thing['turn']) {
            return new HtmlString();
        }
        [$x, $y, $width, $height] = $thing['box'];

        return new HtmlString(
            sprintf('transform="rotate(%s %s %s)"', $thing['turn'], $x + $width / 2, $y + $height / 2),
        );
    }

    /** @param  array<string, mixed>  $thing */
    public static function outline(array $thing): HtmlString
    {
        return new HtmlString(
            $thing['shape'] === 'polygon' ? 'data-points="'.e((string) json_encode($thing['points'])).'"' : '',
        );
    }

    /** How a picture is called for those who don't see it; left out of what is read where it has no words. */
    public static function called(string $words): HtmlString
    {
        return new HtmlString($words === '' ? 'aria-hidden="true"' : 'role="img" aria-label="'.e($words).'"');
    }
}

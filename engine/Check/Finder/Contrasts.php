<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Layout;
use Fravel\Document\Scene;
use Fravel\Support\Contrast;
use Fravel\Thing\Things;

/** Words that are hard to read on the colour they stand on. */
final class Contrasts implements SceneFinder
{
    /** What WCAG 2.2 wants at least for text (1.4.3). */
    private const LEAST = 4.5;

    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $findings = [];
        foreach (self::wordsOn($scene) as [$thing, $colour, $words]) {
            if (Contrast::between($words, $colour) < self::LEAST) {
                $findings[] = Finding::warning(
                    'contrast.low',
                    [$thing, $scene->id],
                    ['scene' => $context->titleOf($scene->id), 'part' => $context->calls($thing), 'colour' => $colour],
                );
            }
        }

        return $findings;
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return '';
    }

    /** @return list<array{string, string, string}> thing with words, the plain colour behind them, and their own */
    private static function wordsOn(Scene $scene): array
    {
        $found = [];
        $behind =
            $scene->layout === Layout::Stage && $scene->backdrop->asset === null ? $scene->backdrop->colour : null;
        foreach (Things::flattened($scene->things) as $thing) {
            foreach ($thing->words() as $words) {
                $on = $words->isBare ? $behind : $words->on;
                if ($on !== null && $words->colour !== null && $words->md !== '') {
                    $found[] = [$thing->id, $on, $words->colour];
                }
            }
        }

        return array_values(
            array_filter($found, static fn (array $one): bool => preg_match('/^#[0-9a-f]{6}$/Di', $one[1]) === 1),
        );
    }
}

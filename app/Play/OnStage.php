<?php

declare(strict_types=1);

namespace App\Play;

use Illuminate\Support\HtmlString;

/** Attributes of what stands on a stage, which is 1600 × 900 units. */
final class OnStage
{
    /** Looks of what only a picture shows, or is seen on one. */
    private const SEEN = ['clear', 'object', 'picture'];

    /** Of a plate, in units of the stage: what stands beside and around its words, a letter of them, and a line. */
    private const PLATE = ['beside' => 90, 'around' => 16, 'letter' => 15.5, 'line' => 33];

    /** Words along the lower edge, in units of the stage: as wide at least, and down to there at least. */
    private const BAND = ['width' => 1440, 'to' => 840];

    /** Of what flows, that which does so on any phone. */
    private const EARLY = ['flow flow-plate', 'flow flow-body', 'flow flow-small'];

    /**
     * The things that have a place on the stage, in their order; a film runs below it.
     *
     * @return list<array<string, mixed>>
     */
    public static function of(Screen $screen): array
    {
        return array_values(array_filter(
            $screen->view->things,
            static fn (array $thing): bool => $thing['box'] !== null && $thing['kind'] !== 'clip',
        ));
    }

    /**
     * The class of what stands below the picture where it would be too small on it; none for what only a picture shows.
     *
     * @param  array<string, mixed>  $thing
     */
    public static function flow(array $thing): string
    {
        return match (true) {
            $thing['box'] === null, $thing['kind'] === 'clip' => '',
            $thing['kind'] === 'text' => "flow flow-{$thing['size']}",
            in_array($thing['kind'], ['picture', 'mosaic'], true) => '',
            in_array($thing['look'] ?? '', self::SEEN, true) => '',
            default => 'flow flow-plate',
        };
    }

    /** Whether nothing is left on the stage where all that can flows below it, and nothing lies behind. */
    public static function isBare(Screen $screen): bool
    {
        return $screen->backdrop() === null && array_filter(
            self::of($screen), static fn (array $thing): bool => ! in_array(self::flow($thing), self::EARLY, true),
        ) === [];
    }

    /**
     * The part of the stage on which something is left where all that can flows below it; null where that is most of
     * it. Of a picture behind only what words lay on is left out, since that was never seen.
     *
     * @param  bool  $hasTitles  whether great words stay where they are
     */
    public static function cut(Screen $screen, bool $hasTitles): ?StageCut
    {
        $flowing = $hasTitles ? self::EARLY : [...self::EARLY, 'flow flow-title'];
        [$left, $gone] = [[], []];
        foreach (self::of($screen) as $thing) {
            in_array(self::flow($thing), $flowing, true) ? $gone[] = $thing['box'] : $left[] = $thing['box'];
        }
        if ($screen->backdrop() === null) {
            return StageCut::around($left);
        }
        $end = static fn (array $box): float => $box[1] + $box[3];
        $bands = array_column(array_filter(
            $gone,
            static fn (array $box): bool => $box[2] >= self::BAND['width'] && $end($box) >= self::BAND['to'],
        ), 1);

        return $bands === [] ? null : StageCut::above(max([min($bands), ...array_map($end, $left)]));
    }

    /**
     * Whether what flows is a row that opens a panel.
     *
     * @param  array<string, mixed>  $thing
     */
    public static function opens(array $thing): bool
    {
        return self::flow($thing) !== '' && ! in_array($thing['kind'], ['text', 'choice', 'cover', 'find'], true);
    }

    /**
     * Whether words fit on a plate, beside the sign of its lock.
     *
     * @param  array<string, mixed>  $thing
     */
    public static function fitsPlate(string $words, array $thing): bool
    {
        [, , $width, $height] = $thing['box'];
        $letters = max(1, (int) (($width - self::PLATE['beside']) / self::PLATE['letter']));
        $longest = max(0, ...array_map(mb_strlen(...), preg_split('/\s+/u', $words) ?: []));
        $lines = count(explode("\n", wordwrap((string) preg_replace('/[^\x00-\x7F]/u', 'x', $words), $letters)));

        return $longest <= $letters && $lines * self::PLATE['line'] <= $height - self::PLATE['around'];
    }

    /**
     * Whether it does something and is found by looking.
     *
     * @param  array<string, mixed>  $thing
     */
    public static function isSought(array $thing): bool
    {
        return $thing['box'] !== null && in_array($thing['look'] ?? '', self::SEEN, true);
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

    /**
     * Rows of cells as a path.
     *
     * @param  list<array{int, int, int}>  $runs  column, row and how many beside each other
     */
    public static function outlines(array $runs): string
    {
        return implode('', array_map(
            static fn (array $run): string => "M{$run[0]} {$run[1]}h{$run[2]}v1h-{$run[2]}z", $runs,
        ));
    }

    /** How a picture is called for those who don't see it; left out of what is read where it has no words. */
    public static function called(string $words): HtmlString
    {
        return new HtmlString($words === '' ? 'aria-hidden="true"' : 'role="img" aria-label="'.e($words).'"');
    }
}

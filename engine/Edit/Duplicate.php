<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Fravel\Document\Reference;
use Fravel\Document\Renaming;
use Fravel\Support\Json;
use Random\Randomizer;

/**
 * `{"duplicate": [scenes or things], "times": 1}`: copies of them behind the last of them, with ids of their own.
 *
 * What leads from one of them to another leads from copy to copy; what leads elsewhere leads there still. A title or
 * label that ends in a number goes on counting.
 */
final class Duplicate
{
    /** Copies at most in one gesture. */
    private const MOST = 100;

    /** Parts that one gesture makes at most, and their bytes. */
    private const MOST_MADE = 5000;

    private const LARGEST = 8_000_000;

    /** Units of the stage between a thing and its copy. */
    private const STEP = 30;

    /** Of a stage, in units. */
    private const WIDTH = 1600;

    private const HEIGHT = 900;

    /** @param  array<array-key, mixed>  $sent */
    public static function read(array $sent, GameDocument $game, Randomizer $random = new Randomizer()): ?Command
    {
        $ids = $sent['duplicate'];
        $times = $sent['times'] ?? 1;
        if (
            ! is_array($ids) ||
            ! array_is_list($ids) ||
            $ids === [] ||
            array_filter($ids, is_string(...)) !== $ids ||
            ! is_int($times) ||
            $times < 1 ||
            $times > self::MOST
        ) {
            return null;
        }

        $parts = array_map(
            static fn (string $id): mixed => DocumentPath::get(
                $game->document,
                DocumentPath::path($game->document, $id) ?? [''],
            ),
            $ids,
        );
        if (count($ids) * $times > self::MOST_MADE || strlen(Json::write($parts)) * $times > self::LARGEST) {
            return new RefusedCommand(new Refusal('copies.many', ['most' => self::MOST_MADE]));
        }

        return self::of($game, self::withStops($game, $ids), $times, $random);
    }

    /**
     * A copy of a film has stops of its own.
     *
     * @param  non-empty-list<string>  $ids
     * @return non-empty-list<string>
     */
    private static function withStops(GameDocument $game, array $ids): array
    {
        foreach ($game->films()->ways() as [$home, $stop]) {
            if (in_array($home, $ids, true) && ! in_array($stop, $ids, true)) {
                $ids[] = $stop;
            }
        }

        return $ids;
    }

    /**
     * @param  non-empty-list<string>  $ids  scenes, or things of one scene
     * @return Together|null  null when one of them is not there
     */
    public static function of(
        GameDocument $game,
        array $ids,
        int $times = 1,
        Randomizer $random = new Randomizer(),
    ): ?Together {
        $paths = array_map(static fn (string $id): ?array => DocumentPath::path($game->document, $id), $ids);
        $found = array_values(array_filter($paths));
        usort($found, static fn (array $a, array $b): int => $a <=> $b);
        if (
            count($found) !== count($ids) ||
            count(
                array_unique(
                    array_map(static fn (array $path): string => implode('/', array_slice($path, 0, -1)), $found),
                ),
            ) !== 1
        ) {
            return null;
        }
        $holder = array_slice($found[0], 0, -2);
        $list = $found[0][count($holder)];
        $in = $holder === [] ? Command::GAME : DocumentPath::get($game->document, [...$holder, 'id']);
        $after = DocumentPath::get($game->document, [...$found[count($found) - 1], 'id']);
        $taken = Ids::in($game->document);
        $names = self::names($game->document);
        $inserts = [];
        for ($time = 0; $time < $times; $time++) {
            foreach (self::copies($game, $found, $taken, $names, $random) as $copy) {
                $copy = self::aside($copy, $time + 1);
                $inserts[] = new InsertPart(
                    (string) $list,
                    is_string($in) ? $in : Command::GAME,
                    is_string($after) ? $after : null,
                    $copy,
                );
                $after = $copy['id'];
            }
        }

        return new Together($inserts);
    }

    /**
     * @param  list<list<string|int>>  $paths
     * @param  array<string, mixed>  $taken  ids that are not free
     * @param  array<string, true>  $names  titles and labels that are not free
     * @return list<array<array-key, mixed>>
     */
    private static function copies(
        GameDocument $game,
        array $paths,
        array &$taken,
        array &$names,
        Randomizer $random,
    ): array {
        $parts = array_map(static fn (array $path): mixed => DocumentPath::get($game->document, $path), $paths);
        $renamed = [];
        foreach ($parts as $part) {
            foreach (array_keys(Ids::in(is_array($part) ? $part : [])) as $id) {
                $renamed[$id] = Ids::drawn(Ids::stem((string) $id), $taken, $random);
                $taken[$renamed[$id]] = true;
            }
        }
        $renaming = new Renaming($renamed);
        $document = $renaming->referring(
            $game->document,
            static fn (Reference $reference): bool => self::isWithin($reference, $paths),
        );
        $copies = [];
        foreach ($paths as $path) {
            $copy = DocumentPath::get($document, $path);
            $copies[] = self::counted($renaming->ofPart(is_array($copy) ? $copy : []), $names);
        }

        return $copies;
    }

    /** @param  list<list<string|int>>  $paths */
    private static function isWithin(Reference $reference, array $paths): bool
    {
        foreach ($paths as $path) {
            if (array_slice($reference->path, 0, count($path)) === $path) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  array<string, true>  $names
     * @return array<array-key, mixed>
     */
    private static function counted(array $part, array &$names): array
    {
        foreach (['title', 'label'] as $key) {
            $name = $part[$key] ?? null;
            if (is_string($name) && $name !== '') {
                $part[$key] = self::nextName($name, $names);
                $names[$part[$key]] = true;
            }
        }

        return $part;
    }

    /**
     * A thing on a stage a few steps aside, so that it is seen.
     *
     * @param  array<array-key, mixed>  $part
     * @return array<array-key, mixed>
     */
    private static function aside(array $part, int $steps): array
    {
        $box = $part['box'] ?? null;
        if (is_array($box) && count($box) === 4 && is_numeric($box[0]) && is_numeric($box[1])) {
            $part['box'] = [
                self::within(0 + $box[0], self::STEP * $steps, self::WIDTH - (float) $box[2]),
                self::within(0 + $box[1], self::STEP * $steps, self::HEIGHT - (float) $box[3]),
                $box[2],
                $box[3],
            ];
        }

        return $part;
    }

    /** A place so much further, begun anew at the other edge rather than beyond the stage; what is as large stays. */
    private static function within(int|float $from, int $by, float $most): int|float
    {
        if ($from + $by <= $most) {
            return $from + $by;
        }

        return $most <= 0 ? $from : round(fmod($from + $by, $most));
    }

    /** @param  array<string, true>  $taken */
    private static function nextName(string $name, array $taken): string
    {
        preg_match('/^(.*?)\s*(\d{0,6})$/Dsu', $name, $part);
        [, $stem, $number] = $part + ['', $name, ''];
        for ($next = (int) ($number === '' ? 1 : $number) + 1; isset($taken["{$stem} {$next}"]); $next++) {
        }

        return "{$stem} {$next}";
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<string, true>
     */
    private static function names(array $document): array
    {
        $names = [];
        foreach (DocumentPath::entries($document, 'scenes') as $scene) {
            foreach (
                [$scene['title'] ?? '', ...array_column(DocumentPath::entries($scene, 'things'), 'label')] as $name
            ) {
                $names[is_string($name) ? $name : ''] = true;
            }
        }

        return $names;
    }
}

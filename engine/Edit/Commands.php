<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\GameDocument;
use Random\Randomizer;

/** Reads commands as they are sent and kept. */
final class Commands
{
    /** More than this in one gesture is refused. */
    private const MOST = 5000;

    /** Those that are worked out from the game. */
    private const DEPENDENT = ['duplicate', 'alike', 'deleteScene', 'together'];

    /**
     * The command, or null when it is none.
     *
     * @param  Randomizer  $random  draws the ids of copies
     */
    public static function read(
        mixed $sent,
        ?GameDocument $game = null,
        Randomizer $random = new Randomizer(),
    ): ?Command {
        if (! is_array($sent)) {
            return null;
        }

        return match (array_key_first($sent)) {
            'set' => self::set($sent),
            'insert' => self::insert($sent),
            'remove' => is_string($sent['remove']) ? new RemovePart($sent['remove']) : null,
            'move' => self::move($sent),
            'drop' => is_string($sent['drop']) && is_string($sent['in'] ?? null)
                ? new DropEmptyList($sent['in'], $sent['drop'])
                : null,
            'together' => self::together($sent['together'], $game, $random),
            'duplicate' => $game === null ? null : Duplicate::read($sent, $game, $random),
            'alike' => $game === null ? null : Alike::read($sent, $game, $random),
            'deleteScene' => $game === null ? null : DeleteScene::read($sent, $game),
            default => null,
        };
    }

    /** @param  array<array-key, mixed>  $sent */
    private static function set(array $sent): ?SetField
    {
        if (! is_string($sent['set']) || ! is_string($sent['field'] ?? null) || $sent['field'] === '') {
            return null;
        }
        $before = $sent['before'] ?? null;

        return new SetField(
            $sent['set'],
            $sent['field'],
            $sent['to'] ?? null,
            array_key_exists('to', $sent),
            is_string($before) ? $before : null,
        );
    }

    /** @param  array<array-key, mixed>  $sent */
    private static function insert(array $sent): ?InsertPart
    {
        $after = $sent['after'] ?? null;
        if (
            ! is_string($sent['insert']) ||
            ! is_string($sent['in'] ?? null) ||
            ! is_array($sent['value'] ?? null) ||
            ! (is_string($after) || $after === null)
        ) {
            return null;
        }

        return new InsertPart($sent['insert'], $sent['in'], $after, $sent['value']);
    }

    /** @param  array<array-key, mixed>  $sent */
    private static function move(array $sent): ?MovePart
    {
        $after = $sent['after'] ?? null;
        if (
            ! is_string($sent['move']) || ! is_string($sent['in'] ?? null) || ! (is_string($after) || $after === null)
        ) {
            return null;
        }

        return new MovePart($sent['move'], $sent['in'], $after);
    }

    /** Those that depend on how the game stands are read as it stands when their turn comes. */
    private static function together(mixed $sent, ?GameDocument $game, Randomizer $random): ?Together
    {
        if (! is_array($sent) || ! array_is_list($sent) || count($sent) > self::MOST) {
            return null;
        }
        $isStepwise =
            $game !== null &&
            array_filter(
                $sent,
                static fn (mixed $entry): bool => is_array($entry) &&
                    in_array(array_key_first($entry), self::DEPENDENT, true),
            ) !== [];
        if (! $isStepwise) {
            return self::all(
                array_map(static fn (mixed $entry): ?Command => self::read($entry, $game, $random), $sent),
            );
        }
        $read = [];
        foreach (self::steps($sent) as $step) {
            $command = self::step($step, $game, $random);
            if ($command === null) {
                return null;
            }
            $read[] = $command;
            $edited = $command->apply($game);
            $game = $edited instanceof Edited ? $edited->game : $game;
        }

        return new Together($read);
    }

    /**
     * What can be read at once: deletions in a row, what depends on nothing in a row, anything else by itself.
     *
     * @param  list<mixed>  $sent
     * @return list<non-empty-list<mixed>>
     */
    private static function steps(array $sent): array
    {
        $steps = [];
        $last = null;
        foreach ($sent as $entry) {
            $kind = is_array($entry) ? array_key_first($entry) : null;
            $sort = match (true) {
                $kind === 'deleteScene' => 'deletion',
                in_array($kind, self::DEPENDENT, true) => null,
                default => 'plain',
            };
            if ($sort !== null && $sort === $last) {
                $steps[count($steps) - 1][] = $entry;
            } else {
                $steps[] = [$entry];
            }
            $last = $sort;
        }

        return $steps;
    }

    /** @param  non-empty-list<mixed>  $step */
    private static function step(array $step, GameDocument $game, Randomizer $random): ?Command
    {
        if (is_array($step[0]) && array_key_first($step[0]) === 'deleteScene') {
            return DeleteScene::readAll($step, $game);
        }

        return count($step) === 1
            ? self::read($step[0], $game, $random)
            : self::all(array_map(static fn (mixed $entry): ?Command => self::read($entry, $game, $random), $step));
    }

    /** @param  list<Command|null>  $commands */
    private static function all(array $commands): ?Together
    {
        $read = array_values(array_filter($commands, static fn (?Command $command): bool => $command !== null));

        return count($read) === count($commands) ? new Together($read) : null;
    }
}

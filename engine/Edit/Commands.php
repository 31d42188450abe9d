<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\Game;
use Random\Randomizer;

/** Reads commands as they are sent and kept. */
final class Commands
{
    /** More than this in one gesture is refused. */
    private const MOST = 5000;

    /** Those that are worked out from the game. */
    private const DEPENDENT = ['duplicate', 'deleteScene', 'together'];

    /**
     * The command, or null when it is none.
     *
     * @param  Randomizer  $random  draws the ids of copies
     */
    public static function read(mixed $sent, ?Game $game = null, Randomizer $random = new Randomizer): ?Command
    {
        if (! is_array($sent)) {
            return null;
        }

        return match (array_key_first($sent)) {
            'set' => self::set($sent),
            'insert' => self::insert($sent),
            'remove' => is_string($sent['remove']) ? new RemovePart($sent['remove']) : null,
            'move' => self::move($sent),
            'drop' => is_string($sent['drop']) && is_string($sent['in'] ?? null) ? new DropEmptyList($sent['in'], $sent['drop']) : null,
            'together' => self::together($sent['together'], $game, $random),
            'duplicate' => $game === null ? null : Duplicate::read($sent, $game, $random),
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

        return new SetField($sent['set'], $sent['field'], $sent['to'] ?? null, array_key_exists('to', $sent), is_string($before) ? $before : null);
    }

    /** @param  array<array-key, mixed>  $sent */
    private static function insert(array $sent): ?InsertPart
    {
        $after = $sent['after'] ?? null;
        if (! is_string($sent['insert']) || ! is_string($sent['in'] ?? null) || ! is_array($sent['value'] ?? null) || ! (is_string($after) || $after === null)) {
            return null;
        }

        return new InsertPart($sent['insert'], $sent['in'], $after, $sent['value']);
    }

    /** @param  array<array-key, mixed>  $sent */
    private static function move(array $sent): ?MovePart
    {
        $after = $sent['after'] ?? null;
        if (! is_string($sent['move']) || ! is_string($sent['in'] ?? null) || ! (is_string($after) || $after === null)) {
            return null;
        }

        return new MovePart($sent['move'], $sent['in'], $after);
    }

    /** Those that depend on how the game stands are read as it stands when their turn comes. */
    private static function together(mixed $sent, ?Game $game, Randomizer $random): ?Together
    {
        if (! is_array($sent) || ! array_is_list($sent) || count($sent) > self::MOST) {
            return null;
        }
        $isStepwise = $game !== null && array_filter($sent, static fn (mixed $entry): bool => is_array($entry) && in_array(array_key_first($entry), self::DEPENDENT, true)) !== [];
        $read = [];
        foreach ($sent as $entry) {
            $command = self::read($entry, $game, $random);
            if ($command === null) {
                return null;
            }
            $read[] = $command;
            $edited = $isStepwise && $game !== null ? $command->apply($game) : null;
            $game = $edited instanceof Edited ? $edited->game : $game;
        }

        return new Together($read);
    }
}

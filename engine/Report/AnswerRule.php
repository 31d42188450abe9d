<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\Document\GameDocument;
use Fravel\Edit\SetField;

/** A rule for an answer that was given in a run, as an edit of its lock in the draft. */
final class AnswerRule
{
    /** Spellings of one answer that a rule takes. */
    private const MOST_SPELLINGS = 30;

    /**
     * Words for it; it stays wrong. Before it come the rules that open and no other, so that no wider one hides it.
     *
     * @param  list<string|array<array-key, mixed>>  $answers  spellings of one answer
     * @return SetField|null  null where there is no such lock, or no rule can say what was answered
     */
    public static function saying(GameDocument $game, string $lock, array $answers, string $say): ?SetField
    {
        [$match, $rules] = [self::match($game, $lock, $answers), self::rules($game, $lock)];
        if ($match === null) {
            return null;
        }
        $opening = self::opening($rules);
        $rule = ['match' => $match, 'verdict' => 'wrong', 'say' => $say];
        array_splice($rules, $opening === [] ? 0 : max($opening) + 1, 0, [$rule]);

        return new SetField($lock, 'rules', $rules);
    }

    /**
     * What a rule for just this answer says, such as saying() makes; null where there is none, or it says nothing.
     *
     * @param  list<string|array<array-key, mixed>>  $answers  spellings of one answer
     */
    public static function said(GameDocument $game, string $lock, array $answers): ?string
    {
        $match = self::match($game, $lock, $answers);
        foreach (self::rules($game, $lock) as $rule) {
            if ($match !== null && ($rule['match'] ?? null) === $match) {
                return is_string($rule['say'] ?? null) && $rule['say'] !== '' ? $rule['say'] : null;
            }
        }

        return null;
    }

    /**
     * It opens too, and does what the first right answer does.
     *
     * @param  list<string|array<array-key, mixed>>  $answers  spellings of one answer
     * @return SetField|null  as saying(), and where nothing opens the lock
     */
    public static function accepting(GameDocument $game, string $lock, array $answers): ?SetField
    {
        [$match, $rules] = [self::match($game, $lock, $answers), self::rules($game, $lock)];
        $opening = self::opening($rules);
        if ($match === null || $opening === []) {
            return null;
        }
        // Before what was said of it so far.
        array_splice($rules, $opening[0] + 1, 0, [['match' => $match] + $rules[$opening[0]]]);

        return new SetField($lock, 'rules', $rules);
    }

    /**
     * @param  list<string|array<array-key, mixed>>  $answers
     * @return array<string, mixed>|null
     */
    private static function match(GameDocument $game, string $lock, array $answers): ?array
    {
        $given = $answers[0] ?? null;
        $texts = array_slice(array_values(array_filter($answers, is_string(...))), 0, self::MOST_SPELLINGS);
        $type = $game->written($lock)['input']['type'] ?? 'text';

        return match (true) {
            $given === null || $game->lock($lock) === null || $type === 'point' => null,
            $type === 'options' => ['options' => (array) $given],
            ! is_array($given) => ['equals' => $texts],
            $type === 'pairs' => ['pairs' => $given],
            $type === 'gaps' => ['gaps' => array_map(static fn (mixed $word): array => ['equals' => [$word]], $given)],
            default => ['order' => array_values($given)],
        };
    }

    /** @return list<array<string, mixed>> */
    private static function rules(GameDocument $game, string $lock): array
    {
        $rules = $game->written($lock)['rules'] ?? [];

        return is_array($rules) ? array_values(array_filter($rules, is_array(...))) : [];
    }

    /**
     * @param  list<array<string, mixed>>  $rules
     * @return list<int> places of those that open
     */
    private static function opening(array $rules): array
    {
        return array_keys(array_filter($rules, static fn (array $rule): bool => ($rule['verdict'] ?? '') === 'open'));
    }
}

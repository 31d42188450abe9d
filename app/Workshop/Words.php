<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\Change;
use App\Models\Game;
use App\Models\User;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Fravel\Edit\Refusal;
use Fravel\Pattern\Field;
use Fravel\Pattern\Pattern;
use Fravel\Pattern\Patterns;
use Fravel\Support\Template;
use Illuminate\Support\Arr;

/** The words the workshop needs from the language files. */
final class Words
{
    public static function ofRefusal(Refusal $refusal): string
    {
        $key = 'edits.refused.'.$refusal->code;
        $words = __($key, $refusal->arguments);

        return is_string($words) && $words !== $key ? $words : (string) __('edits.refused.other');
    }

    /** Its language file has whole codes for keys, so that it can be read without the framework too. */
    public static function ofFinding(GameDocument $game, Finding $finding): string
    {
        $words = trans('findings')[$finding->code] ?? $finding->code;

        return Template::filled($words, $finding->arguments + ['said' => $finding->said === null ? 0 : 1, 'what' => $finding->said === null ? '' : KindWords::of($game, $finding->said)]);
    }

    /** @return array{undo: ?string, redo: ?string} what the next undo and redo would do */
    public static function ofHistory(Game $game): array
    {
        $standing = Change::query()->where('game_id', $game->id)->where('dropped', false);

        return [
            'undo' => $standing->clone()->where('undone', false)->orderByDesc('id')->value('label'),
            'redo' => $standing->clone()->where('undone', true)->orderBy('id')->value('label'),
        ];
    }

    /** Changes at most that a history shows. */
    private const SHOWN_CHANGES = 300;

    /** @return list<array{id: int, label: string, undone: bool, at: string}> the newest first */
    public static function ofChanges(Game $game): array
    {
        $changes = Change::query()->where('game_id', $game->id)->where('dropped', false)->orderByDesc('id')->limit(self::SHOWN_CHANGES)->get(['id', 'label', 'undone', 'created_at']);

        return array_values($changes->map(static fn (Change $change): array => ['id' => $change->id, 'label' => $change->label, 'undone' => $change->undone, 'at' => $change->created_at->toIso8601String()])->all());
    }

    /** @return array<array-key, mixed> */
    public static function ofWorkshop(): array
    {
        return (array) trans('workshop') + ['refused' => Arr::dot((array) trans('edits.refused'))];
    }

    /** @return array<string, string> what students read in what a pattern builds */
    public static function ofPatterns(): array
    {
        /** @var array<string, string> */
        return (array) trans('patterns.words');
    }

    public static function ofBuilding(Pattern $pattern): string
    {
        return (string) __('patterns.built', ['name' => (string) __("patterns.all.{$pattern->name()}.name")]);
    }

    /** @return array<string, mixed> what the workshop says of patterns, and what each asks for */
    public static function ofPatternForms(User $teacher): array
    {
        $offered = array_map(static fn (Pattern $pattern): array => [
            'id' => $pattern->name(), ...(array) trans("patterns.all.{$pattern->name()}"),
            'fields' => array_map(static fn (Field $field): array => $field->toArray(), $pattern->fields()),
        ], Patterns::all());

        return ['offered' => $offered, 'usuals' => SavedDefaults::toArray($teacher), 'untitled' => [(string) __('games.untitled'), '']] + array_diff_key((array) trans('patterns'), ['words' => true, 'all' => true]);
    }

    /** @return array{scene: string, hello: string} */
    public static function ofBlankGame(): array
    {
        return ['scene' => (string) __('games.blank_scene'), 'hello' => (string) __('games.blank_text')];
    }

    /** @return array{chapter: string, scene: string, ending: string, said: string} */
    public static function ofWorksheet(): array
    {
        return [
            'chapter' => (string) __('worksheet.words.chapter'),
            'scene' => (string) trans('worksheet.words.scene'),
            'ending' => (string) __('worksheet.words.ending'),
            'said' => (string) __('worksheet.words.said'),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\Change;
use App\Models\Game;
use App\Models\User;
use App\Words\Languages;
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

        return Template::filled(
            $words,
            $finding->arguments + [
                'said' => $finding->said === null ? 0 : 1,
                'what' => $finding->said === null ? '' : KindWords::of($game, $finding->said),
            ],
        );
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

    /** The files of words that the workshop's scripts speak from. */
    private const WORKSHOP = ['workshop', 'cards', 'stage', 'map', 'ways', 'kinds', 'films'];

    /** Changes at most that a history shows. */
    private const SHOWN_CHANGES = 300;

    /** @return list<array{id: int, label: string, undone: bool, at: string}> the newest first */
    public static function ofChanges(Game $game): array
    {
        $changes = Change::query()
            ->where('game_id', $game->id)
            ->where('dropped', false)
            ->orderByDesc('id')
            ->limit(self::SHOWN_CHANGES)
            ->get(['id', 'label', 'undone', 'created_at']);

        return array_values(
            $changes
                ->map(
                    static fn (Change $change): array => [
                        'id' => $change->id,
                        'label' => $change->label,
                        'undone' => $change->undone,
                        'at' => $change->created_at->toIso8601String(),
                    ],
                )
                ->all(),
        );
    }

    /** @return array<array-key, mixed> */
    public static function ofWorkshop(User $teacher, string $language): array
    {
        $words = array_map(
            static fn (string $file): array => (array) trans($file),
            array_combine(self::WORKSHOP, self::WORKSHOP),
        );

        return [
            ...$words,
            'edits' => ['labels' => trans('edits.labels'), 'refused' => Arr::dot((array) trans('edits.refused'))],
            'games' => ['untitled' => trans('games.untitled')],
            'made' => ['new' => self::made('new', $language)],
            'patterns' => self::ofPatternForms($teacher),
        ];
    }

    /** @return array<string, mixed> what a map needs that is only looked at */
    public static function ofMap(): array
    {
        return array_map(static fn (string $file): array => (array) trans($file), [
            'map' => 'map', 'ways' => 'ways', 'kinds' => 'kinds', 'films' => 'films',
        ]) + ['workshop' => Arr::only((array) trans('workshop'), ['endings', 'routes', 'kinds', 'opens'])];
    }

    /** @return array<string, string> what students read where the teacher gave no words */
    public static function ofPatterns(string $language): array
    {
        return self::made('pattern', $language);
    }

    /** @return array<string, string> the same, for stops of a film */
    public static function ofStops(string $language): array
    {
        $last = array_intersect_key(self::made('new', $language), ['wayOn' => '', 'wayOnWith' => '']);

        return $last + self::made('pattern', $language);
    }

    public static function ofBuilding(Pattern $pattern): string
    {
        return (string) __('patterns.built', ['name' => (string) __("patterns.all.{$pattern->name()}.name")]);
    }

    /** @return array<string, mixed> what the workshop says of patterns, and what each asks for */
    private static function ofPatternForms(User $teacher): array
    {
        $offered = array_map(
            static fn (Pattern $pattern): array => [
                'id' => $pattern->name(),
                ...(array) trans("patterns.all.{$pattern->name()}"),
                'fields' => array_map(static fn (Field $field): array => $field->toArray(), $pattern->fields()),
            ],
            Patterns::all(),
        );

        return [
            'offered' => $offered,
            'usuals' => SavedDefaults::toArray($teacher),
            'untitled' => [(string) __('games.untitled'), ''],
        ] + array_diff_key((array) trans('patterns'), ['all' => true]);
    }

    /** @return array{scene: string, hello: string} */
    public static function ofBlankGame(string $language): array
    {
        /** @var array{scene: string, hello: string} */
        return self::made('blank', $language);
    }

    /** @return array{chapter: string, scene: string, ending: string, said: string, way: string} */
    public static function ofWorksheet(string $language): array
    {
        /** @var array{chapter: string, scene: string, ending: string, said: string, way: string} */
        return self::made('worksheet', $language);
    }

    /** @return list<string> the words that new things begin with, in every language: they are there to be replaced */
    public static function ofSamples(): array
    {
        $made = array_map(
            static fn (string $language): array => [
                ...array_values(self::made('blank', $language)),
                ...array_values(Arr::only(self::made('new', $language), ['text', 'ask', 'scene', 'tally'])),
            ],
            Languages::ofStudents(),
        );
        $names = array_map(
            static fn (string $language): array => array_column((array) trans('patterns.all', [], $language), 'name'),
            Languages::ofTeachers(),
        );

        return array_values(array_unique(array_merge(...$made, ...$names)));
    }

    /** @return array<string, string> what is put into a game, in the game's language where it is one of ours */
    private static function made(string $kind, string $language): array
    {
        /** @var array<string, string> */
        return (array) trans("made.{$kind}", [], Languages::nearest([$language], Languages::ofStudents()));
    }
}

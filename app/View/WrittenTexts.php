<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Mark;
use App\Models\Play;
use App\Models\Run;
use App\Storage\EditionFile;
use App\Workshop\Names;
use Fravel\Document\GameDocument;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/**
 * What students wrote where something is to be written: what waits for the teacher first, then lock by lock.
 *
 * @phpstan-type Text array{play: string, name: string, lock: string, ask: string, text: string, waits: bool,
 *     mark: ?Mark}
 */
final readonly class WrittenTexts
{
    /** @param  list<Text>  $texts */
    private function __construct(public array $texts)
    {
    }

    public static function of(Run $run): self
    {
        $game = EditionFile::of($run->edition)->game;
        $locks = self::locks($game);
        $plays = $locks === [] ? [] : $run->plays()->orderBy('name')->get()->all();
        $marks = Mark::query()->whereIn('play_id', array_column($plays, 'id'))->get()
            ->keyBy(static fn (Mark $mark): string => "{$mark->play_id} {$mark->lock}");
        $texts = [];
        foreach ($locks as $lock) {
            foreach ($plays as $play) {
                $text = self::text($game, $lock, $play);
                $text === null ?: $texts[] = $text + ['mark' => $marks->get("{$play->id} {$lock->id}")];
            }
        }
        usort($texts, static fn (array $one, array $other): int => $other['waits'] <=> $one['waits']);

        return new self($texts);
    }

    /** How many wait in a run; one query. */
    public static function waiting(Run $run): int
    {
        return $run->plays()->where('state', 'like', '%:"waiting"%')->count();
    }

    /** Whether anything is to be written in a game. */
    public static function areAsked(GameDocument $game): bool
    {
        return self::locks($game) !== [];
    }

    /** @return list<Lock> where something is written, or waits to be read */
    private static function locks(GameDocument $game): array
    {
        $all = array_merge(
            [], ...array_map(static fn ($scene): array => Things::locks($scene->things), $game->scenes()),
        );

        return array_values(array_filter($all, static fn (Lock $lock): bool => $lock->eye || $lock->input->isLong()));
    }

    /** @return array{play: string, name: string, lock: string, ask: string, text: string, waits: bool}|null */
    private static function text(GameDocument $game, Lock $lock, Play $play): ?array
    {
        $state = $play->read();
        $answer = $state->answers[$lock->id] ?? null;

        return $answer === null ? null : [
            'play' => $play->id, 'name' => $play->name, 'lock' => $lock->id, 'ask' => Names::of($game, $lock->id),
            'text' => is_string($answer) ? $answer : GivenAnswer::words($game, $lock->id, $answer),
            'waits' => $state->isAwaited($lock->id),
        ];
    }
}

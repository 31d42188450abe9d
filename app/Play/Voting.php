<?php

declare(strict_types=1);

namespace App\Play;

use App\Actions\JoinRun;
use App\Models\Member;
use App\Models\Play;
use App\Models\Run;
use Fravel\Answer\Cleaning;
use Fravel\Document\GameDocument;
use Fravel\Play\Playing;
use Fravel\Play\View;
use Fravel\State\Action;
use Fravel\State\PlayState;

/** A class that plays one play together: what may be voted for, and when two votes are for the same. */
final class Voting
{
    /** How often a device asks whether it goes on, in milliseconds. */
    public const PERIOD = 1000;

    /** Words of an answer by which it is known at most. */
    private const LONGEST = 40;

    /** The one play of such a run, begun when it is first wanted. */
    public static function play(Run $run, JoinRun $join): Play
    {
        return $run->plays()->oldest('started_at')->first()
            ?? $join->begin($run, PlayerName::of($run->label) ?: $run->code, null)
            ?? $run->plays()->firstOrFail();
    }

    /** Somebody of the class; a name that is there already gets a number, so that nobody takes another's vote. */
    public static function member(Play $play, string $name): Member
    {
        $taken = $play->members()->pluck('name')->map(PlayerName::key(...))->all();
        $free = $name;
        for ($number = 2; in_array(PlayerName::key($free), $taken, true); $number++) {
            $free = "{$name} {$number}";
        }

        return $play->members()->create(['name' => $free, 'joined_at' => Clock::seconds()]);
    }

    /** By which a vote is counted with others: answers are the same once cleaned. */
    public static function key(Action $action): string
    {
        $with = $action->toArray()['with'] ?? null;
        $said = match (true) {
            is_string($with) => Cleaning::usual()->clean($with),
            $with === null => '',
            default => (string) json_encode($with),
        };

        return "{$action->verb}-".substr(hash('sha256', "{$action->on}|{$said}"), 0, self::LONGEST);
    }

    /**
     * A vote as the action that it is for; null when what was there when somebody was for it is gone.
     *
     * @param  array<string, mixed>  $voted
     */
    public static function meant(GameDocument $game, PlayState $state, array $voted, int $now): ?Action
    {
        $action = $state->ended === null ? Action::of($voted) : null;

        return $action === null || Playing::act($game, $state, $action, $now)->isRefused() ? null : $action;
    }

    /** @return list<Action> what can be picked here: choices, options of which one is taken, and ways on */
    public static function ways(GameDocument $game, PlayState $state, int $now): array
    {
        $view = View::of($game, $state, $now);
        $ways = [];
        foreach ($view->things as $thing) {
            $ways = [...$ways, ...match ($thing['kind']) {
                'choice' => [['choose' => $thing['id']]],
                'lock' => $thing['state'] === 'open' ? [] : self::answers($thing),
                default => [],
            }];
        }
        $view->continues && $ways[] = ['continue' => true];

        return array_values(array_filter(array_map(Action::of(...), $ways)));
    }

    /**
     * @param  array<string, mixed>  $lock
     * @return array<array<string, mixed>>
     */
    private static function answers(array $lock): array
    {
        $input = $lock['input'];
        $options = ($input['type'] ?? '') === 'options' && ! $input['many'] ? $input['options'] : [];

        return array_map(
            static fn (array $option): array => ['answer' => $lock['id'], 'with' => $option['id']], $options,
        );
    }
}

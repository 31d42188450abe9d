<?php

declare(strict_types=1);

namespace App\Workshop;

use Carbon\CarbonInterval;
use Fravel\Check\Answers\Guessing;
use Fravel\Check\Finder\Guessability;
use Fravel\Document\GameDocument;
use Fravel\Document\Reference;
use Fravel\Document\References;
use Fravel\Thing\Guard;
use Fravel\Thing\Lock;

/** In plain words, how long it takes to open a lock by trying one answer after the other. */
final class GuessingTime
{
    /** What takes longer is not told any finer, in seconds: ten years. */
    private const LONGEST = 10 * 365 * 86_400;

    /**
     * @return array{words: string, offer: string|null, guard: array{tries: int, wait: int}|null}|null the time, and the
     *     pause that is offered where something depends on the lock and it is too soon had; null where any answer opens
     */
    public static function of(GameDocument $game, Lock $lock): ?array
    {
        $guessing = Guessing::at($lock, $game->language(), RequestEffort::begin());
        if ($guessing === null) {
            return $lock->input->ways() === null && self::namesAnswers($lock)
                ? ['words' => (string) __('workshop.guessing.endless'), 'offer' => null, 'guard' => null]
                : null;
        }
        $guard = self::isNeeded($game, $lock) && $guessing->isTooSoon($lock->guard)
            ? $guessing->fairGuard($lock->guard)
            : null;

        return [
            'words' => self::words($guessing, $lock->guard),
            'offer' => $guard === null ? null : (string) __('workshop.guessing.offer', [
                'tries' => $guard->tries, 'wait' => $guard->wait, 'time' => self::time($guessing->seconds($guard)),
            ]),
            'guard' => $guard === null ? null : ['tries' => $guard->tries, 'wait' => $guard->wait],
        ];
    }

    private static function words(Guessing $guessing, ?Guard $guard): string
    {
        $bare = self::time($guessing->seconds(null));

        return (string) ($guard === null
            ? __('workshop.guessing.bare', ['time' => $bare])
            : __('workshop.guessing.guarded', ['time' => self::time($guessing->seconds($guard)), 'bare' => $bare]));
    }

    private static function time(float $seconds): string
    {
        return $seconds >= self::LONGEST
            ? (string) __('workshop.guessing.ages')
            : CarbonInterval::seconds((int) ceil($seconds))->cascade()->locale(app()->getLocale())
                ->forHumans(['parts' => 1, 'skip' => 'weeks']);
    }

    /** Whether something comes of opening it, here or where another part names it. */
    private static function isNeeded(GameDocument $game, Lock $lock): bool
    {
        return Guessability::dependsOn($lock) || in_array(
            $lock->id,
            array_map(static fn (Reference $named): string => $named->id, References::in($game->document)),
            true,
        );
    }

    private static function namesAnswers(Lock $lock): bool
    {
        foreach ($lock->rules as $rule) {
            if ($rule->opens() && $rule->match->names($lock->input) !== []) {
                return true;
            }
        }

        return false;
    }
}

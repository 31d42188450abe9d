<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Check\Finder\Finders;
use Fravel\Check\Search\Dominance;
use Fravel\Check\Search\Exploration;
use Fravel\Check\Search\Monotony;
use Fravel\Check\Search\Reach;
use Fravel\Document\GameDocument;
use Fravel\Document\Scene;

/** Looks a game over: what is broken, unfair, left over or can't be reached. The document must have a sound shape. */
final class Check
{
    /** States at most; where the search stops at it, nothing is said to be proved. */
    public const BUDGET = 100_000;

    /** Of the effort, what the search for ways may take; and of that, the proof that needs no orders. */
    private const SEARCH = 0.6;

    private const PROOF = 0.5;

    /**
     * @param  list<string>|null  $files  names of the files that belong to the game; null where that is not known
     * @param  list<string>  $samples  words that are only there to be replaced
     * @param  Effort  $effort  work, and whatever else is bounded by who asks
     * @param  CheckMemo|null  $memo  of the check before, when the game was the same but for a few places; null
     *     remembers nothing
     */
    public static function of(
        GameDocument $game,
        int $budget = self::BUDGET,
        ?array $files = null,
        array $samples = [],
        Effort $effort = new Effort(),
        ?CheckMemo $memo = null,
    ): CheckReport {
        $keys = $memo === null ? null : new SceneKeys($game, $memo);
        $reach =
            $memo === null || $keys === null
                ? self::searched($game, $budget, $effort->part(self::SEARCH), new CheckMemo())
                : self::remembered($game, $budget, $effort->part(self::SEARCH), $memo, $keys);
        [$context, $findings, $unlooked] = [null, [], Finders::names()];
        try {
            $context = new CheckContext($game, $reach, $files, $samples, $memo, $keys, $budget, $effort);
            [$findings, $unlooked] = Finders::find($context, $effort);
        } catch (EffortSpent) {
            // Not even read to its end: nobody has looked at anything.
        }
        $unlooked = [...$reach->isComplete ? [] : ['ways'], ...$reach->unsure === [] ? [] : ['answers'], ...$unlooked];

        return new CheckReport(
            $unlooked === [],
            $findings,
            [
                'scenes' => count($game->sceneIds()),
                'locks' => count($context?->locks() ?? []),
                'endings' => count(array_filter(
                    $context?->game->scenes() ?? [], static fn (Scene $scene): bool => $scene->ending !== null,
                )),
                'shortest' => $reach->shortest,
                'longest' => $reach->longest,
                'states' => $reach->states,
            ],
            $unlooked,
        );
    }

    /** What can be reached, from the check before where nothing has changed that ways depend on. */
    private static function remembered(
        GameDocument $game,
        int $budget,
        Effort $effort,
        CheckMemo $memo,
        SceneKeys $keys,
    ): Reach {
        $key = "reach {$budget} {$keys->ofRoutes()}";
        $known = $memo->known($key);
        $reach = $known instanceof Reach ? $known : self::searched($game, $budget, $effort, $memo);
        // What an effort cut short may be found out with another one.
        $memo->keep($key, $reach->isComplete ? $reach : null);

        return $reach;
    }

    private static function searched(GameDocument $game, int $budget, Effort $effort, CheckMemo $memo): Reach
    {
        if ($game->scene($game->start()) === null) {
            return Reach::unknown();
        }
        try {
            $proof = Monotony::holdsIn($game, $effort)
                ? Dominance::prove($game, $budget, $effort->part(self::PROOF), $memo)
                : null;

            return $proof ?? Exploration::of($game, $budget, $effort, $memo);
        } catch (EffortSpent) {
            return Reach::unknown();
        }
    }
}

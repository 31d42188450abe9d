<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Check\Finder\Finders;
use Fravel\Check\Search\Dominance;
use Fravel\Check\Search\Exploration;
use Fravel\Check\Search\Monotony;
use Fravel\Document\Game;
use Fravel\Document\Scene;

/** Looks a game over: what is broken, unfair, left over or can't be reached. The document must have a sound shape. */
final class Check
{
    /** States at most; where the search stops at it, nothing is said to be proved. */
    public const BUDGET = 100_000;

    /**
     * @param  list<string>|null  $files  names of the files that belong to the game; null where that is not known
     * @param  list<string>  $samples  words that are only there to be replaced
     */
    public static function of(Game $game, int $budget = self::BUDGET, ?array $files = null, array $samples = []): Verdicts
    {
        $reach = (Monotony::holdsIn($game) ? Dominance::prove($game, $budget) : null) ?? Exploration::of($game, $budget);
        $study = new Study($game, $reach, $files, $samples);

        return new Verdicts($reach->isComplete, Finders::find($study), [
            'scenes' => count($game->sceneIds()),
            'locks' => count($study->locks()),
            'endings' => count(array_filter($game->scenes(), static fn (Scene $scene): bool => $scene->ending !== null)),
            'shortest' => $reach->shortest,
            'longest' => $reach->longest,
            'states' => $reach->states,
        ]);
    }
}

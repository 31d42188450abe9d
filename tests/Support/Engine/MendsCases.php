<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Edit\Commands;
use Fravel\Edit\Edited;
use Fravel\Support\Json;

/** What MendsTest is about: games, and ways to ask. */
final class MendsCases
{
    /** @return list<string> mends of findings that stay, that break their games, or that can't be taken back */
    public static function failing(GameDocument $game): array
    {
        $place = static fn (Finding $finding): string => $finding->code.' '.implode(' ', $finding->where).' '.(
            $finding->arguments['rule'] ?? ''
        );
        $findings = Check::of($game, 600)->findings;
        $failing = [];
        foreach (array_filter($findings, static fn (Finding $finding): bool => $finding->mend !== null) as $finding) {
            $edited = Commands::read($finding->mend->toArray(), $game)?->apply($game);
            if (! $edited instanceof Edited) {
                $failing[] = "refused: {$place($finding)}";

                continue;
            }
            $times = static fn (array $all): int => count(
                array_filter($all, static fn (Finding $other): bool => $place($other) === $place($finding)),
            );
            $mends = $times(Check::of($edited->game, 600)->findings) < $times($findings);
            $isSound = Validation::ofShape($edited->game->document) === [];
            $isUndone = Json::write(
                $edited->inverse->apply($edited->game)->game->document,
            ) === Json::write($game->document);
            $mends && $isSound && $isUndone ?: $failing[] = $place($finding);
        }

        return $failing;
    }
}

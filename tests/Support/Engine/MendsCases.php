<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Check\Check;
use Fravel\Check\CheckReport;
use Fravel\Check\Finding;
use Fravel\Check\Mended;
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
            $mended = Mended::of(
                $game,
                $finding->mend->toArray(),
                static fn (GameDocument $one): CheckReport => Check::of($one, 600),
                static fn (string $scene): string => $scene,
            );
            $edited = $mended->command === null
                ? null : Commands::read($mended->command->toArray(), $game)?->apply($game);
            if (! $edited instanceof Edited) {
                $failing[] = "{$mended->fault}: {$place($finding)}";

                continue;
            }
            $isSound = Validation::ofShape($edited->game->document) === [];
            $isUndone = Json::write(
                $edited->inverse->apply($edited->game)->game->document,
            ) === Json::write($game->document);
            $isSound && $isUndone ?: $failing[] = $place($finding);
        }

        return $failing;
    }
}

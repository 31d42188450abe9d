<?php

declare(strict_types=1);

namespace App\Workshop;

use Fravel\Document\Game;
use Fravel\Document\Reaction;
use Fravel\Document\Scene;
use Fravel\Document\Thing\Choice;
use Fravel\Document\Thing\Lock;
use Fravel\Document\Thing\Rule;

/** Scenes in which nothing leads on and which are no ending: said before a run is opened. */
final class OpenEnds
{
    /** @return list<string> titles */
    public static function in(Game $game): array
    {
        $stuck = array_filter($game->scenes(), static fn (Scene $scene): bool => $scene->ending === null && ! self::leadsOn($game, $scene));

        return array_values(array_map(static fn (Scene $scene): string => $scene->title, $stuck));
    }

    private static function leadsOn(Game $game, Scene $scene): bool
    {
        $reactions = [...$scene->arrive, ...$scene->next];
        foreach ($scene->things as $thing) {
            $reactions = [...$reactions, ...match (true) {
                $thing instanceof Choice => $thing->react,
                $thing instanceof Lock => [...array_map(static fn (Rule $rule): Reaction => $rule->reaction, $thing->rules), ...$thing->otherwise],
                default => [],
            }];
        }

        return $scene->back || array_filter($reactions, static fn (Reaction $reaction): bool => self::goesSomewhere($game, $scene, $reaction)) !== [];
    }

    private static function goesSomewhere(Game $game, Scene $scene, Reaction $reaction): bool
    {
        $go = $reaction->go;

        return $go !== null && ($go->isScene() ? $go->to !== $scene->id && $game->scene($go->to) !== null : $go->to !== '@stay');
    }
}

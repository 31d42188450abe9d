<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Finding;
use Fravel\Check\Study;
use Fravel\Play\Replay;

/** Recorded ways that the game no longer goes. */
final class Walkthroughs implements Finder
{
    public static function find(Study $study): array
    {
        $findings = [];
        foreach ($study->game->walkthroughs() as $walkthrough) {
            $replay = Replay::of($study->game, $walkthrough);
            if ($replay->parts !== null) {
                $title = static fn (string $scene): string => $study->game->scene($scene)->title ?? $scene;
                $findings[] = Finding::warning('walkthrough.parts', [$walkthrough->id, $replay->found], ['name' => $walkthrough->name, 'step' => $replay->parts, 'expected' => $title($replay->expected), 'found' => $title($replay->found)])
                    ->shownBy(array_slice($walkthrough->steps, 0, $replay->parts));
            }
        }

        return $findings;
    }
}

<?php

declare(strict_types=1);

namespace App\Play;

use App\Models\Member;
use App\Models\Play;
use Fravel\Document\GameDocument;
use Fravel\State\PlayState;

/** What a device of a team shows of the team: who else plays, and where one may look while another answers. */
final readonly class Team
{
    /** How often such a device asks what the others did, in milliseconds: within a second it shows. */
    public const PERIOD = 600;

    /** @param  list<string>  $others  names */
    private function __construct(public array $others)
    {
    }

    /** @param  int|null  $member  who of the team it is */
    public static function of(Play $play, ?int $member): self
    {
        $others = $play->members->filter(static fn (Member $one): bool => $one->id !== $member);

        return new self(array_values($others->pluck('name')->all()));
    }

    /** @return array<string, string> id → title of the scenes that the team came through and that let it in still */
    public static function open(GameDocument $game, PlayState $state, int $now): array
    {
        $open = [];
        foreach ($state->ended === null ? $state->visited : [] as $id) {
            $scene = $game->scene($id);
            if ($scene !== null && $scene->stop === null && $id !== $state->scene && $scene->title !== ''
                && ($scene->needs === null || $scene->needs->holds($state, $now))) {
                $open[$id] = $scene->title;
            }
        }

        return $open;
    }
}

<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Emblem;
use App\Models\Run;

/** The wall of a run: an emblem for each that is through, in the order they came. */
final readonly class Wall
{
    /** @param  list<Emblem>  $emblems */
    private function __construct(public array $emblems)
    {
    }

    public static function of(Run $run): self
    {
        $emblems = Emblem::query()
            ->join('plays', 'plays.id', '=', 'emblems.play_id')
            ->where('plays.run_id', $run->id)
            ->orderByRaw('plays.place is null, plays.place')
            ->with('play')
            ->get('emblems.*');

        return new self(array_values($emblems->all()));
    }

    /** @return list<Emblem> those whose line nobody has read */
    public function unread(): array
    {
        return array_values(array_filter(
            $this->emblems, static fn (Emblem $one): bool => $one->line !== '' && $one->approved_at === null,
        ));
    }
}

<?php

declare(strict_types=1);

namespace App\Play;

use App\Models\Ballot;
use App\Models\Vote;
use App\View\Votes;
use Fravel\Document\GameDocument;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What a device of a class that plays together is told of the vote: its own, how many voted, and what came before. */
final readonly class VoteLine
{
    private function __construct(
        public int $ballot,
        public string $own,
        public int $voted,
        public int $here,
        public string $decided,
        public int $for,
        public int $of,
    ) {
    }

    /** @param  int|null  $member  who of the class it is */
    public static function of(string $play, ?int $member, GameDocument $game, PlayState $state, int $now): self
    {
        $ballots = Ballot::query()->where('play_id', $play)->latest('id')->limit(2)->get();
        $open = $ballots->firstWhere('closed_at', null);
        $cast = $open === null ? collect() : $open->votes()->get();
        $stale = self::stale($cast, $game, $state, $now);
        $cast = $cast->reject(static fn (Vote $vote): bool => isset($stale[$vote->key]));
        $own = $cast->firstWhere('member_id', $member);
        $closed = $ballots->first(static fn (Ballot $ballot): bool => $ballot->closed_at !== null);
        $counts = $closed->counts ?? [];
        $won = array_filter($counts, static fn (array $row): bool => $row['action'] === $closed?->result);

        return new self(
            $open->id ?? 0,
            $own instanceof Vote ? Votes::words($game, $own->action) : '',
            $cast->count(),
            DB::table('members')->where('play_id', $play)->count(),
            $closed?->result === null ? '' : Votes::words($game, $closed->result),
            array_sum(array_column($won, 'count')),
            array_sum(array_column($counts, 'count')),
        );
    }

    /**
     * What was there when somebody was for it may be gone.
     *
     * @param  Collection<int, Vote>  $cast
     * @return array<string, true> keys
     */
    private static function stale(Collection $cast, GameDocument $game, PlayState $state, int $now): array
    {
        $stale = [];
        foreach ($cast->keyBy('key') as $key => $vote) {
            $action = Action::of($vote->action);
            if ($action === null || Playing::act($game, $state, $action, $now)->isRefused()) {
                $stale[$key] = true;
            }
        }

        return $stale;
    }

    /** As it stands on the page, in the language of the game. */
    public function html(): string
    {
        return view('play.vote', ['vote' => $this])->render();
    }
}

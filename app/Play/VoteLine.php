<?php

declare(strict_types=1);

namespace App\Play;

use App\Models\Ballot;
use App\Models\Vote;
use App\View\Votes;
use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Illuminate\Support\Facades\DB;

/** What a device of a class that plays together is told of the vote: its own, how many voted, and what came before. */
final readonly class VoteLine
{
    /**
     * @param  array<string, mixed>|null  $own  the action that the device is for
     * @param  array<string, mixed>|null  $decided  the action that was decided for last
     * @param  int  $for  how many were for that, of how many who voted then
     */
    private function __construct(
        private GameDocument $game,
        public int $ballot,
        private ?array $own,
        public int $voted,
        public int $here,
        private ?array $decided,
        public int $for,
        public int $of,
    ) {
    }

    /** @param  int|null  $member  who of the class it is */
    public static function of(string $play, ?int $member, GameDocument $game, PlayState $state, int $now): self
    {
        $open = Ballot::openIn($play);
        $votes = $open->votes()->get();
        $possible = $votes->unique('key')->filter(
            static fn (Vote $vote): bool => Voting::meant($game, $state, $vote->action, $now) !== null,
        )->pluck('key', 'key');
        $cast = $votes->filter(static fn (Vote $vote): bool => $possible->has($vote->key));
        $own = $cast->firstWhere('member_id', $member);
        $closed = Ballot::query()->where('play_id', $play)->whereNotNull('closed_at')->latest('id')->first();
        $counts = $closed->counts ?? [];
        $won = array_filter($counts, static fn (array $row): bool => $row['action'] === $closed?->result);

        return new self(
            $game,
            $open->id,
            $own?->action,
            $cast->count(),
            DB::table('members')->where('play_id', $play)->count(),
            $closed?->result,
            array_sum(array_column($won, 'count')),
            array_sum(array_column($counts, 'count')),
        );
    }

    /** What the device is for; empty for nothing yet. */
    public function own(): string
    {
        return $this->own === null ? '' : Votes::words($this->game, $this->own);
    }

    /** What was decided last; empty where nothing was. */
    public function decided(): string
    {
        return $this->decided === null ? '' : Votes::words($this->game, $this->decided);
    }

    /** As it stands on the page, in the language of the game. */
    public function html(): string
    {
        return view('play.vote', ['vote' => $this])->render();
    }
}

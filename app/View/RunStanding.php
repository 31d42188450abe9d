<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Play;
use App\Models\Run;
use App\Play\Clock;
use App\Storage\EditionFile;
use App\Storage\Lines;
use App\Workshop\Names;
use Fravel\Document\GameDocument;
use Fravel\Document\Scene;
use Fravel\Document\Showing;
use Fravel\Report\CameOut;
use Fravel\Report\Need;
use Illuminate\Database\Eloquent\Builder;

/**
 * Who is where in a run: the one query over its plays, read into rows; who needs help most comes first.
 *
 * @phpstan-type Row array{
 *     name: string, group: ?string, words: string, where: string, open: int, tries: int, seconds: int,
 *     ended: ?string, finishedAt: ?int, quiet: int, id: string, guesses: ?string, need: Need, lock: ?string,
 *     hint: ?int, scene: string, seq: int, called: ?int,
 *     worth: float, isStuck: bool,
 * }
 */
final readonly class RunStanding
{
    /** Who calls comes before all who are stuck, who has waited longest first. */
    private const CALLED = 1_000_000;

    /**
     * @param  list<Row>  $rows
     */
    private function __construct(
        public array $rows, public int $locks, public bool $asksGroup, private GameDocument $game, public int $at,
    ) {
    }

    /** @param  string|null  $play  the only one that is wanted; null for all */
    public static function of(Run $run, ?string $play = null): self
    {
        $game = EditionFile::of($run->edition)->game;
        $now = (int) (($run->closed_at ?? $run->paused_at)?->getTimestamp() ?? Clock::seconds());
        $medians = ClassTimes::of($run);
        // Before the plays are read: what is done meanwhile is told by a line.
        $at = $run->isOpen() ? Lines::watch($run->id, $medians) : 1;
        // Nearly all play the same edition: laid open once, it serves them all.
        $games = [$run->edition->hash => $game];
        $gameOf = static function (Play $play) use ($run, &$games): GameDocument {
            return $games[$play->edition->hash ?? $run->edition->hash] ??= $play->compiled($run)->game;
        };
        $rows = $run
            ->plays()
            ->when($play !== null, static fn (Builder $plays): Builder => $plays->whereKey($play))
            ->orderByRaw('ended_at is null desc, acted_at desc')
            ->with('edition')
            ->get()
            ->map(static fn (Play $play): array => self::row($play, $gameOf($play), $now, $medians))
            ->sortByDesc('worth')
            ->all();

        return new self(array_values($rows), self::locksIn($game), $run->asks_group, $game, $at);
    }

    /** @return list<array{id: string, name: string, scene: string, isStuck: bool}> those that play, for the map */
    public function pennants(): array
    {
        $playing = array_filter($this->rows, static fn (array $row): bool => $row['ended'] === null);

        return array_values(array_map(static fn (array $row): array => [
            'id' => $row['id'], 'name' => $row['name'], 'scene' => $row['scene'], 'isStuck' => $row['isStuck'],
        ], $playing));
    }

    /** @return list<Row> those that somebody should look at, who need it most first */
    public function stuck(): array
    {
        return array_values(array_filter($this->rows, static fn (array $row): bool => $row['isStuck']));
    }

    /** @return Row|null */
    public function rowOf(string $play): ?array
    {
        return array_column($this->rows, null, 'id')[$play] ?? null;
    }

    public function finished(): int
    {
        return count(array_filter($this->rows, static fn (array $row): bool => $row['ended'] !== null));
    }

    /** @return list<list<string|int|null>> with a row of names first */
    public function table(): array
    {
        $names = array_map(
            static fn (string $key): string => (string) __("runs.columns.{$key}", ['zone' => Moment::zoneName()]),
            ['name', 'group', 'where', 'open', 'tries', 'time', 'ended', 'finished'],
        );
        $rows = array_map(
            static fn (array $row): array => [
                $row['name'],
                $row['group'],
                $row['where'],
                $row['open'],
                $row['tries'],
                self::clock($row['seconds']),
                $row['ended'] === null ? '' : (string) __("runs.ended.{$row['ended']}"),
                $row['finishedAt'] === null ? '' : Moment::exactly($row['finishedAt']),
            ],
            $this->rows,
        );

        return [$names, ...$rows];
    }

    /** Minutes and seconds, with hours before them when there are any. */
    public static function clock(int $seconds): string
    {
        return Showing::clock($seconds);
    }

    /**
     * @param  array<string, int>  $medians  as Need takes them
     * @return Row
     */
    private static function row(Play $play, GameDocument $game, int $now, array $medians): array
    {
        $state = $play->read();
        $row = new RunRow($game, $state, $play->progressed_at, $now, $medians);
        $need = $row->need;
        $hints = $need->lock === null ? 0 : count($game->lock($need->lock)->hints ?? []);
        $given = $state->hinted[$need->lock ?? ''] ?? 0;
        $called = $play->called_at === null || $state->ended !== null ? null : max(0, $now - $play->called_at);
        $isStuck = $need->isStuck || $called !== null;

        return [
            'name' => $play->name,
            'group' => $play->group,
            'words' => $play->rejoin_words,
            'where' => $state->ended === null ? $row->where() : (CameOut::as($game, $state) ?: $row->where()),
            'open' => $row->open(),
            'tries' => $row->tries(),
            'seconds' => max(0, ($play->ended_at ?? $now) - $play->started_at),
            'ended' => $state->ended,
            'finishedAt' => $play->ended_at,
            'quiet' => $now - $play->acted_at,
            'id' => $play->id,
            'guesses' => $row->stopped === null ? null : Names::of($game, $row->stopped),
            'need' => $need,
            'scene' => $state->scene,
            'seq' => $play->seq,
            'called' => $called,
            'worth' => $called === null ? $need->worth : self::CALLED + $called,
            'isStuck' => $isStuck,
            // Names cost a walk through the game: only who is stuck is called by them.
            'lock' => $need->lock === null || ! $isStuck ? null : Names::of($game, $need->lock),
            'hint' => $given < $hints ? $given + 1 : null,
        ];
    }

    /** @return array<string, string> id → what it is called */
    public function scenes(): array
    {
        return array_column(array_map(
            fn (Scene $scene): array => [$scene->id, Names::of($this->game, $scene->id)], $this->game->scenes(),
        ), 1, 0);
    }

    private static function locksIn(GameDocument $game): int
    {
        return array_sum(
            array_map(
                static fn ($scene): int => count(
                    array_filter($scene->things, static fn ($thing): bool => $thing instanceof \Fravel\Thing\Lock),
                ),
                $game->scenes(),
            ),
        );
    }
}

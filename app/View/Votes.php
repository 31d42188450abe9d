<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Ballot;
use App\Models\Play;
use App\Models\Vote;
use App\Play\Clock;
use App\Play\Voting;
use App\Workshop\Names;
use Fravel\Document\GameDocument;
use Fravel\State\PlayState;

/**
 * How a vote stands: each way that can be gone, and each answer somebody is for, with how many are.
 *
 * @phpstan-type Row array{key: string, action: array<string, mixed>, words: string, votes: int, hands: int, count: int,
 *     share: int}
 */
final readonly class Votes
{
    /** What is called by what is done; all else is called by what it is done to. */
    private const DOINGS = ['continue', 'back', 'hint'];

    /**
     * @param  list<Row>  $rows  what most are for comes first among answers; ways stay in their order
     * @param  int  $here  how many have joined
     */
    private function __construct(public Ballot $ballot, public array $rows, public int $here)
    {
    }

    public static function of(Play $play, GameDocument $game, PlayState $state): self
    {
        $ballot = Ballot::openIn($play->id);
        $now = Clock::seconds();
        $actions = [];
        foreach (Voting::ways($game, $state, $now) as $way) {
            $actions[Voting::key($way)] = $way->toArray();
        }
        $cast = $ballot->votes()->orderBy('id')->get();
        foreach ($cast as $vote) {
            $actions[$vote->key] ??= $vote->action;
        }
        $counts = $cast->countBy(static fn (Vote $vote): string => $vote->key)->all();
        $rows = [];
        foreach ($actions as $key => $action) {
            if (Voting::meant($game, $state, $action, $now) !== null) {
                $rows[] = self::row($game, $ballot, (string) $key, $action, $counts[$key] ?? 0);
            }
        }

        return new self($ballot, self::shared($rows), $play->members()->count());
    }

    /** @return list<Row> those that most are for; none while nobody is for anything */
    public function leaders(): array
    {
        $most = max([0, ...array_column($this->rows, 'count')]);

        return $most === 0
            ? []
            : array_values(array_filter($this->rows, static fn (array $row): bool => $row['count'] === $most));
    }

    public function cast(): int
    {
        return (int) array_sum(array_column($this->rows, 'count'));
    }

    /**
     * @param  array<string, mixed>  $action
     * @return Row
     */
    private static function row(GameDocument $game, Ballot $ballot, string $key, array $action, int $votes): array
    {
        $hands = max(0, (int) ($ballot->hands[$key] ?? 0));

        return [
            'key' => $key, 'action' => $action, 'words' => self::words($game, $action), 'votes' => $votes,
            'hands' => $hands, 'count' => $votes + $hands, 'share' => 0,
        ];
    }

    /**
     * What is voted for, without what is done with it.
     *
     * @param  array<array-key, mixed>  $action
     */
    public static function words(GameDocument $game, array $action): string
    {
        $lock = $action['answer'] ?? null;
        if (is_string($lock)) {
            return implode(': ', array_filter([
                Names::known($game, $lock), GivenAnswer::words($game, $lock, $action['with'] ?? ''),
            ], static fn (?string $words): bool => $words !== null && $words !== ''));
        }
        $verb = array_values(array_intersect(self::DOINGS, array_keys($action)))[0] ?? null;
        $on = current($action);

        return $verb === null && is_string($on)
            ? Names::known($game, $on) ?? (string) __('play.vote.does.other')
            : (string) __('play.vote.does.'.($verb ?? 'other'));
    }

    /**
     * @param  list<Row>  $rows
     * @return list<Row> with the share of each in all, in percent
     */
    private static function shared(array $rows): array
    {
        $all = max(1, (int) array_sum(array_column($rows, 'count')));

        return array_map(
            static fn (array $row): array => ['share' => (int) round(100 * $row['count'] / $all)] + $row, $rows,
        );
    }
}

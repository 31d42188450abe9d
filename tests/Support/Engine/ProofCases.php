<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Document\GameDocument;
use Tests\Support\Games;
use Tests\Support\RandomGames;

/** What ProofTest is about: games, and ways to ask. */
final class ProofCases
{
    /** A small game in which more is never less, drawn from a seed. */
    public static function risingGame(int $seed): GameDocument
    {
        $dice = new RandomGames($seed);
        $condition = static fn (): array => $dice->pick([
            ['has' => 't0'], ['has' => 't1'], ['all' => [['has' => 't0'], ['has' => 't2']]], ['open' => 's1-lock'],
            ['visited' => 's2'],
        ]);
        $scene = static function (int $number) use ($dice, $condition): array {
            $go = static fn (): string => 's'.$dice->pick([0, 1, 2, 3, 4, 5]);
            $choice = Games::choice(
                "s{$number}-go", ['go' => $go(), 'do' => $dice->pick([[], [['give' => 't0']], [['give' => 't1']]])],
            );
            $wrong = $dice->pick([
                [], [['say' => 'No.', 'go' => $go()]],
                [['if' => ['not' => $condition()], 'go' => $go(), 'do' => [['give' => 't1']]], ['say' => 'No.']],
            ]);
            $lock = ['otherwise' => $wrong] + Games::lock(
                "s{$number}-lock", 'x', [], ['go' => $go(), 'do' => $dice->pick([[], [['give' => 't2']]])],
            );

            return [
                'id' => "s{$number}",
                'needs' => $number > 0 && $dice->pick([true, false, false]) ? $condition() : null,
                'back' => $dice->pick([true, false, false]),
                'things' => [$dice->pick([true, false]) ? ['if' => $condition()] + $choice : $choice, $lock],
            ];
        };
        $scenes = array_map($scene, range(0, 4));
        $tokens = array_map(
            static fn (string $id): array => ['id' => $id, 'name' => $id, 'kind' => 'item'], ['t0', 't1', 't2'],
        );

        return Games::of(
            [...$scenes, ['id' => 's5', 'ending' => ['kind' => 'won', 'md' => '']]], ['tokens' => $tokens],
        );
    }
}

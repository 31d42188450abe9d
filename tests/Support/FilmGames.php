<?php

declare(strict_types=1);

namespace Tests\Support;

use Fravel\Document\GameDocument;

/** Games with a film: one that is written out, and valid ones drawn from a seed. */
final class FilmGames
{
    /**
     * A stop that asks at 10 s and leads back when wrong, twice at most; one that goes by at 20 s; one that waits at
     * 30 s; and a way into the film behind the first.
     *
     * @param  array<string, mixed>  $clip  more fields of the clip
     */
    public static function lens(array $clip = []): GameDocument
    {
        $back = ['if' => ['tries' => 'bends', 'is' => '<', 'value' => 3], 'say' => 'Look again.', 'go' => 'edges'];

        return Games::of([
            ['id' => 'film', 'things' => [$clip + [
                'id' => 'clip', 'kind' => 'clip', 'asset' => 'lens', 'length' => 40,
                'moments' => [
                    ['id' => 'edges', 'title' => 'The edges', 'at' => 4, 'until' => 9],
                    ['id' => 'late', 'title' => 'Late', 'at' => 25],
                ],
            ], Games::choice('jump', ['go' => 'late'])], 'next' => [['go' => 'out']]],
            ['id' => 'asks', 'stop' => ['clip' => 'clip', 'at' => 10], 'things' => [
                Games::lock('bends', 'twice', [
                    'otherwise' => [$back, ['say' => 'Twice.', 'do' => [['open' => 'bends']]]],
                ]),
            ]],
            ['id' => 'word', 'stop' => ['clip' => 'clip', 'at' => 20, 'lasts' => 5], 'things' => []],
            ['id' => 'last', 'stop' => ['clip' => 'clip', 'at' => 30], 'things' => [Games::lock('beam', 'one')]],
            ['id' => 'out', 'ending' => ['kind' => 'won', 'md' => '']],
        ]);
    }

    /** Of two to four stops, each drawn: what they ask, whether they wait, for whom they open, where they lead. */
    public static function drawn(int $seed): GameDocument
    {
        $dice = new RandomGames($seed);
        $count = $dice->pick([2, 3, 4]);
        $go = static fn (): string => $dice->pick(['m0', 'm1', '@on', '@stay', 's0', 'away', 'film', 'out']);
        $stops = array_map(static fn (float|int $at): array => [
            'id' => "s{$at}",
            'stop' => ['clip' => 'clip', 'at' => 10 * $at + 5]
                + $dice->pick([[], [], ['lasts' => 3], ['free' => true]]),
            'needs' => $dice->pick([null, null, ['has' => 't'], ['not' => ['has' => 't']]]),
            'arrive' => $dice->pick([[], [['do' => [['give' => 't']]]]]),
            'things' => $dice->pick([
                [Games::lock("l{$at}", 'yes', [
                    'otherwise' => [['go' => $go()]], 'if' => $dice->pick([null, null, ['has' => 't']]),
                ])],
                [Games::choice("c{$at}", ['go' => $go(), 'do' => $dice->pick([[], [['take' => 't']]])])],
                [['id' => "t{$at}", 'kind' => 'text', 'md' => 'Words.']],
            ]),
            'next' => $dice->pick([[], [], [['go' => $go()]]]),
        ], range(0, $count - 1));

        return Games::of([
            ['id' => 'film', 'next' => [['go' => 'away']], 'things' => [[
                'id' => 'clip', 'kind' => 'clip', 'asset' => 'lens', 'free' => $dice->pick([true, false]),
                'moments' => [['id' => 'm0', 'at' => 2], ['id' => 'm1', 'at' => 12, 'until' => 14]],
            ]]],
            ...$stops,
            ['id' => 'away', 'back' => $dice->pick([true, false]), 'things' => [
                Games::choice('in', ['go' => $go()]), Games::choice('end', ['if' => ['has' => 't'], 'go' => 'out']),
            ]],
            ['id' => 'out', 'ending' => ['kind' => 'won', 'md' => '']],
        ], ['tokens' => [['id' => 't', 'name' => 'T', 'kind' => 'item']]]);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Lies;

use Fravel\Edit\DocumentPath;
use Fravel\Edit\Edited;
use Fravel\Pattern\StopRows;
use Tests\Support\Games;
use Tests\Support\RandomGames;

/** Films: stops are drawn, written as rows, built among those that are there, and held against what came out. */
final class Films
{
    /** Times as people write them, in seconds. */
    private const TIMES = [
        '0:05' => 5, '12.5' => 12.5, '1:40' => 100, '1 min 5 s' => 65, '0:07,5' => 7.5, '33' => 33, '8 s' => 8,
        '0:01:30' => 90,
    ];

    private const WAYS = 'light → 0:05 | glass->1:40';

    private const ROUNDS = '*lens | wick || bell | *3/4 | rope';

    /** Passages to go back to as people name them, and what they are. */
    private const PASSAGES = [
        '0:02–0:04' => ['at' => 2, 'until' => 4], 'the edges' => ['at' => 1, 'until' => 3],
        '0:01-0:03' => ['at' => 1, 'until' => 3],
    ];

    /** @return array{string, list<string>} */
    public static function draw(RandomGames $dice): array
    {
        $columns = ['time', 'question', 'answer', 'wrong', 'passage', 'at last'];
        $rows = array_map(
            static fn (array $asked): array => self::row($asked, $dice),
            Intended::drawn($dice, 8, ['text', 'number', 'options', 'code'])->questions,
        );
        [$text, $cells] = Writer::table($rows, $columns, $dice, separators: ["\t", ';']);
        $earlier = array_map(static fn (int $place): array => [
            'id' => "earlier{$place}", 'stop' => ['clip' => 'clip', 'at' => 20 * $place],
            'things' => [Games::lock("seen{$place}", 'x')],
        ], $dice->pick([[], [], [1], [1, 2]]));
        $film = Games::of([['id' => 'film', 'things' => [[
            'id' => 'clip', 'kind' => 'clip', 'asset' => 'lens', 'length' => 200,
            'moments' => [['id' => 'edges', 'title' => 'The edges', 'at' => 1, 'until' => 3]],
        ]]], ...array_values($earlier)], [
            'assets' => [['id' => 'lens', 'file' => 'assets/lens.mp4', 'type' => 'video/mp4']],
        ]);
        $words = ['wayOnWith' => 'It is :answer.', 'wrong' => 'No.'];
        $made = StopRows::into($film, 'clip', $text, $words)?->apply($film);
        $scenes = $made instanceof Edited ? DocumentPath::entries($made->game->document, 'scenes') : [];
        $read = StopRows::account($film, 'clip', $text);
        $told = count($read->cells());
        $lies = $told === $cells ? [] : ["{$told} cells told of, {$cells} given"];
        $isKept = array_slice($scenes, 1, count($earlier)) == array_slice($film->document['scenes'], 1);
        $isKept ?: $lies[] = 'stops before '.json_encode($scenes, JSON_UNESCAPED_UNICODE);
        $ways = $made instanceof Edited ? count($made->game->walkthroughs()) : 0;
        $ways === ($earlier === [] ? 1 : 0) ?: $lies[] = "{$ways} ways kept";
        $moments = array_column($scenes[0]['things'][0]['moments'] ?? [], null, 'id');
        foreach ($rows as $place => $row) {
            $scene = $scenes[$place + 1 + count($earlier)] ?? [];
            $holds = ($scene['stop']['at'] ?? null) == (self::TIMES[$row['time']] ?? 4) && match ($row['answer']) {
                self::WAYS => self::leads($scene, $row, $moments),
                self::ROUNDS => self::goesRound($scene, $row),
                default => self::asks($scene, $row, $moments),
            };
            $said = array_column($read->rows[$place]->cells ?? [], 'said', 'as')['answer'] ?? null;
            $holds = $holds && match ($row['answer']) {
                self::WAYS => $said?->code === 'rows.ways',
                self::ROUNDS => $said?->code === 'rows.rounds' && $said->values['count'] === 2,
                default => ! in_array($said?->code, ['rows.ways', 'rows.rounds'], true),
            };
            $holds ?: $lies[] = 'stop '.json_encode($scene, JSON_UNESCAPED_UNICODE);
        }

        return [$text, $lies];
    }

    /**
     * A question, ways into the film, or rounds.
     *
     * @param  array{ask: string, kind: string, right: list<string>, others: list<string>, wrong: string,
     *     room: string}  $asked
     * @return array<string, string> cells
     */
    private static function row(array $asked, RandomGames $dice): array
    {
        $row = ['time' => '0:04', 'question' => $asked['ask'], 'wrong' => '', 'passage' => '', 'at last' => ''];

        return match ($dice->pick(['asks', 'asks', 'asks', 'leads', 'rounds'])) {
            'leads' => ['answer' => self::WAYS] + $row,
            'rounds' => ['answer' => self::ROUNDS, 'wrong' => $asked['wrong']] + $row,
            default => [
                'time' => (string) $dice->pick(array_keys(self::TIMES)),
                'answer' => Writer::answer($asked, $dice), 'wrong' => $asked['wrong'],
                'passage' => (string) $dice->pick(['', '', ...array_keys(self::PASSAGES)]),
                'at last' => $dice->pick(['', '', 'So it is.']),
            ] + $row,
        };
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @param  array<string, string>  $row
     */
    private static function goesRound(array $scene, array $row): bool
    {
        $lock = $scene['things'][0] ?? [];
        $offered = array_map(
            static fn (array $round): array => array_column($round['input']['options'] ?? [], 'id', 'md'),
            $lock['rounds'] ?? [],
        );
        $right = array_map(
            static fn (array $round): mixed => $round['match']['options'] ?? null, $lock['rounds'] ?? [],
        );

        return ($lock['ask'] ?? null) === $row['question'] && ($lock['enough'] ?? null) === 2
            && array_map(array_keys(...), $offered) === [['lens', 'wick'], ['bell', '3/4', 'rope']]
            && $right === [[$offered[0]['lens']], [$offered[1]['3/4']]]
            && ($row['wrong'] === '' || ($lock['otherwise'][0]['say'] ?? '') === $row['wrong']);
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @param  array<string, string>  $row
     * @param  array<array-key, array<array-key, mixed>>  $moments
     */
    private static function asks(array $scene, array $row, array $moments): bool
    {
        $lock = $scene['things'][0] ?? [];
        $else = $lock['otherwise'] ?? [];
        $isAgain = $row['passage'].$row['at last'] !== '';
        $back = $moments[$else[0]['go'] ?? ''] ?? [];
        $passage = array_intersect_key($back, ['at' => 0, 'until' => 0]);

        return ($lock['ask'] ?? null) === $row['question']
            && ($row['wrong'] === '' || ($else[0]['say'] ?? '') === $row['wrong'])
            && $passage == (self::PASSAGES[$row['passage']] ?? [])
            && ($row['at last'] === '' || ($else[1]['say'] ?? '') === $row['at last'])
            && isset($else[1]) === $isAgain;
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @param  array<string, string>  $row
     * @param  array<array-key, array<array-key, mixed>>  $moments
     */
    private static function leads(array $scene, array $row, array $moments): bool
    {
        $things = $scene['things'] ?? [];
        $at = static fn (int $place): mixed => $moments[$things[$place]['react'][0]['go'] ?? '']['at'] ?? null;

        return array_column($things, 'md') === [$row['question'], 'light', 'glass'] && $at(1) == 5 && $at(2) == 100;
    }
}

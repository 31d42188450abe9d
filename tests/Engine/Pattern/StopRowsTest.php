<?php

use Fravel\Check\Check;
use Fravel\Document\GameDocument;
use Fravel\Edit\Edited;
use Fravel\Edit\RefusedCommand;
use Fravel\Pattern\StopRows;
use Fravel\Rows\Cell;
use Fravel\Rows\Time;
use Tests\Support\Games;

/** A film of 40 s with a passage, and nothing else. */
function film(): GameDocument
{
    return Games::of([
        ['id' => 'film', 'things' => [[
            'id' => 'clip', 'kind' => 'clip', 'asset' => 'lens', 'length' => 40,
            'moments' => [['id' => 'edges', 'title' => 'The edges', 'at' => 4, 'until' => 9]],
        ]], 'next' => [['go' => 'out']]],
        ['id' => 'out', 'ending' => ['kind' => 'won', 'md' => '']],
    ], ['assets' => [['id' => 'lens', 'file' => 'assets/lens.mp4', 'type' => 'video/mp4']]]);
}

/** @return list<array<string, mixed>> the stops that rows become */
function stopsOf(string $rows, ?GameDocument $game = null): array
{
    $words = ['wrong' => 'No.', 'wayOn' => 'So it is.', 'right' => 'Yes.'];
    $made = StopRows::into($game ?? film(), 'clip', $rows, $words);
    $edited = $made?->apply($game ?? film());
    $scenes = $edited instanceof Edited ? $edited->game->document['scenes'] : [];

    return array_values(array_filter($scenes, static fn (array $scene): bool => isset($scene['stop'])));
}

it('makes stops of every sort', function (): void {
    $stops = stopsOf(implode("\n", [
        '0:05; Read this.', '0:08; Which?; this | that | *other', '0:09; Who?; she / her',
        '0:10; A [lens] gathers [light|rays].', '0:11; The [lamp] shines.; boat', '0:12; How many?; 7 m',
        '0:13; True or false: it bends twice; true', '0:14; Tell it.; at least 5 words',
        '0:20-0:24; Look closely.', '0:25; Begin where?; start → 0:00 | glass -> 0:14',
    ]));
    $things = array_map(static fn (array $stop): array => $stop['things'][0], $stops);

    expect(array_map(static fn (array $stop): mixed => $stop['stop']['at'], $stops))
        ->toBe([5, 8, 9, 10, 11, 12, 13, 14, 20, 25])
        ->and(array_map(static fn (array $thing): string => $thing['input']['type'] ?? $thing['kind'], $things))
        ->toBe(['text', 'options', 'text', 'gaps', 'gaps', 'number', 'options', 'long', 'text', 'text'])
        ->and($things[1]['rules'][0]['match']['options'])->toBe([$things[1]['input']['options'][2]['id']])
        ->and($things[2]['rules'][0]['match'])->toBe(['equals' => ['she', 'her']])
        ->and(array_values($things[3]['rules'][0]['match']['gaps']))
        ->toBe([['equals' => ['lens']], ['equals' => ['light', 'rays']]])
        ->and($things[4]['input']['bank'])->toBe(['lamp', 'boat'])
        ->and($things[1]['rules'][0]['go'])->toBe('@stay')->and($things[1]['otherwise'][0]['say'])->toBe('No.')
        ->and($stops[8]['stop']['lasts'])->toBe(4)
        ->and(array_column($stops[9]['things'], 'kind'))->toBe(['text', 'choice', 'choice']);
});

it('makes rounds, of which three in a row are enough', function (): void {
    $lock = stopsOf('0:30; True?; *a | b || c | *d || *e | f || *g | h')[0]['things'][0];

    expect([count($lock['rounds']), $lock['enough']])->toBe([4, 3])
        ->and($lock['rounds'][1]['match']['options'])->toBe([$lock['rounds'][1]['input']['options'][1]['id']]);
});

it('plays rounds, and stops between others that are there, before they are built', function (): void {
    $row = "0:30\tTrue?\t*a | b || c | *d\n0:32\tWho?\tgull";
    $gate = ['id' => 'old', 'stop' => ['clip' => 'clip', 'at' => 3], 'things' => [
        Games::lock('shut', 'nobody knows'),
    ], 'needs' => ['open' => 'shut']];
    $document = film()->document;
    $game = GameDocument::of(['scenes' => [...$document['scenes'], $gate]] + $document);
    $made = StopRows::into($game, 'clip', $row, []);

    expect($made)->not->toBeInstanceOf(RefusedCommand::class)
        ->and(stopsOf($row, $game))->toHaveCount(3);
    // Of a film that nobody stays in nothing is ever asked.
    $document['scenes'][0]['arrive'] = [['go' => 'out']];
    expect(StopRows::into(GameDocument::of($document), 'clip', $row, []))->toBeInstanceOf(RefusedCommand::class);
});

it('leads back to passages by name or by times, twice, and then shows the way on', function (
    string $row, string $to, string $last = 'It is a.',
): void {
    $words = ['wayOn' => 'So it is.', 'wayOnWith' => 'It is :answer.', 'wrong' => 'No.'];
    $edited = StopRows::into(film(), 'clip', $row, $words)?->apply(film());
    $document = $edited instanceof Edited ? $edited->game->document : [];
    $lock = $document['scenes'][1]['things'][0];
    $moments = array_column($document['scenes'][0]['things'][0]['moments'], 'id', 'title');

    expect($lock['otherwise'])->toBe([
        [
            'if' => ['tries' => $lock['id'], 'is' => '<', 'value' => 3], 'say' => 'Look.',
        ] + ($to === '' ? [] : ['go' => $moments[$to]]),
        ['say' => $last, 'do' => [['open' => $lock['id']]]],
    ]);
})->with([
    ["33\tWhy?\t*a | b\tLook.\tthe edges", 'The edges'], ["40\tHow?\t*a | b\tLook.\t0:35–0:39", '0:35–0:39'],
    ["33\tWhy?\tgull | tern\tLook.\tthe edges", 'The edges', 'It is gull.'],
    ["33\tThe [lens] bends [light|rays].\t\tLook.\tthe edges", 'The edges', 'It is lens, light.'],
    ["33\tTrue?\t*a | b || c | *d || gull\tLook.\tthe edges", 'The edges', 'It is a · d · gull.'],
    ["33\tWhy?\tat least 5 words\tLook.\tthe edges", 'The edges', 'So it is.'],
    ["33\tWhy?\tgull\tLook.\t\tIt was a gull.", '', 'It was a gull.'],
]);

it('tells of each cell what became of it', function (): void {
    $rows = (string) file_get_contents(dirname(__DIR__, 2).'/Examples/rows/odd-stops.tsv');
    $left = array_filter(
        StopRows::account(film(), 'clip', $rows)->cells(), static fn (Cell $cell): bool => ! $cell->isTaken(),
    );

    expect(array_values(array_map(static fn (Cell $cell): array => [$cell->row, $cell->said?->code], $left)))->toBe([
        [1, 'rows.no-time'], [3, 'rows.late'], [3, 'rows.late'], [3, 'rows.late'],
    ])->and(count(stopsOf($rows)))->toBe(3);
});

it('builds a film that is played from its first stop to its end', function (): void {
    $edited = StopRows::into(film(), 'clip', "0:05\tWhat?\tlens\n0:10\tWhy?\t*a | b", [])?->apply(film());
    $report = $edited instanceof Edited ? Check::of($edited->game) : null;

    $way = $edited instanceof Edited ? $edited->game->document['walkthroughs'][0] : [];

    expect($report?->hasErrors())->toBeFalse()->and($report?->isProved)->toBeTrue()
        ->and(array_column($way['steps'], 'answer'))->toHaveCount(2);
});

it('reads times as people write them', function (string $text, ?array $time): void {
    expect(Time::in($text))->toBe($time);
})->with([
    ['1:40', [100.0, null]], ['0:26–0:20', [20.0, 26.0]],
    ['0:20–0:26', [20.0, 26.0]], ['12.5', [12.5, null]], ['1:02:03', [3723.0, null]],
    ['1 min 5 s', [65.0, null]], ['half past', null], ['', null], ['7:30 | 7:45', null], ['0:30-', null],
]);

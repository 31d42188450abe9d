<?php

use Fravel\Effect\Effects;
use Fravel\State\Event;
use Fravel\State\PlayState;
use Fravel\State\Verdict;
use Fravel\Support\Node;
use Tests\Support\Games;

it('changes a play and is told as an event', function (array $effect, array $events): void {
    $game = Games::of(
        [
            ['id' => 'a', 'chapter' => 'one', 'things' => [Games::lock('l', 'x'), ['id' => 'lid', 'kind' => 'cover']]],
            ['id' => 'b', 'things' => [Games::lock('other', 'x')]],
        ],
        ['chapters' => [['id' => 'one', 'title' => 'One']]],
    );
    $before = PlayState::begin(['points' => 3], 1, 0)->give('held')->openLock('l')->openLock('other')->lift('lid')
        ->countTry('l', Verdict::Wrong)->decide('sure')->ruleOut('gone');
    $after = Effects::listed(Node::root(['do' => [$effect]]), 'do')[0]->apply($before, $game);

    expect(array_map(static fn (Event $event): array => $event->toArray(), Event::between($before, $after)))
        ->toBe($events);
})->with([
    [['give' => 'new'], [['given', 'new']]],
    [['give' => 'held'], []],
    [['take' => 'held'], [['taken', 'held']]],
    [['take' => 'new'], []],
    [['add' => 'points', 'by' => -1], [['tallied', 'points', 2]]],
    [['add' => 'points', 'by' => 0], []],
    [['set' => 'points', 'to' => 9], [['tallied', 'points', 9]]],
    [['set' => 'points', 'to' => 3], []],
    [['must' => 'points'], [['decided', 'points', 'must']]],
    [['must' => 'sure'], []],
    [['never' => 'points'], [['decided', 'points', 'never']]],
    [['never' => 'gone'], []],
    [['set' => 'sure', 'to' => 0], [['decided', 'sure', 'free']]],
    [['set' => 'gone', 'to' => 1], [['tallied', 'gone', 1], ['decided', 'gone', 'free']]],
    [['open' => 'shut'], [['opened', 'shut']]],
    [['open' => 'l'], []],
    [['lift' => 'up'], [['lifted', 'up']]],
    [['lower' => 'lid'], [['lowered', 'lid']]],
    [['close' => 'l'], []],
    [['forget' => 'one'], [['lowered', 'lid']]],
]);

it('forgets a chapter whole and nothing else', function (): void {
    $game = Games::of(
        [
            ['id' => 'a', 'chapter' => 'one', 'things' => [Games::lock('l', 'x')]],
            ['id' => 'b', 'things' => [Games::lock('other', 'x')]],
        ],
        ['chapters' => [['id' => 'one', 'title' => 'One']]],
    );
    $before = PlayState::begin(['points' => 3], 1, 0)->give('held')->openLock('l')->openLock('other')
        ->countTry('l', Verdict::Wrong)->guard('l', 99);
    $after = Effects::listed(Node::root(['do' => [['forget' => 'one']]]), 'do')[0]->apply($before, $game);

    expect([$after->open, $after->tries, $after->guarded, $after->tokens, $after->tallies])
        ->toBe([['other'], [], [], ['held'], ['points' => 3]]);
});

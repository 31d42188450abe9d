<?php

use App\Play\CompiledEdition;
use App\Play\Frame;
use App\Play\Screen;
use App\Play\Voice;
use Fravel\Play\Playing;
use Tests\Support\Feature\ReplyCases;
use Tests\Support\Games;

it('sends only fields of the lock after a wrong answer', function (): void {
    $reply = ReplyCases::replyTo(
        [['id' => 'a', 'things' => [Games::lock('l', 'x'), ['id' => 't', 'kind' => 'text', 'md' => 'Long words.']]]],
        [['answer' => 'l', 'with' => 'no']],
    );

    expect($reply['scene'])->toBeNull()
        ->and($reply['things'])->toBe([])
        ->and($reply['rims'])->toBeNull()
        ->and(array_keys($reply['locks']))->toBe(['l'])
        ->and(json_encode($reply))->not->toContain('Long words.');
});

it('sends the things that changed, and no others', function (): void {
    $counter = ['id' => 'count', 'kind' => 'text', 'md' => 'You have {=n}.'];
    $reply = ReplyCases::replyTo(
        [['id' => 'a', 'things' => [Games::choice('more', ['do' => [['add' => 'n', 'by' => 1]]]), $counter]]],
        [['choose' => 'more']],
        ['tallies' => [['id' => 'n', 'name' => 'N', 'start' => 0, 'shown' => true]]],
    );

    expect(array_keys($reply['things']))->toBe(['count'])
        ->and($reply['things']['count'])->toContain('You have 1.')
        ->and($reply['rims'])->toContain('>1</strong>');
});

it('sends a find-it board alone, with the next prompt and no other', function (): void {
    $box = static fn (string $id): array => ['id' => $id, 'ask' => "Ask {$id}", 'md' => "Box {$id}"];
    $board = [
        'id' => 'f', 'kind' => 'find', 'mixed' => 'boxes', 'box' => [0, 0, 900, 600], 'quiet' => true,
        'boxes' => array_map($box, ['one', 'two', 'three']),
    ];
    $scene = [['id' => 'a', 'layout' => 'stage', 'things' => [$board, Games::lock('l', 'x')]]];
    $reply = ReplyCases::replyTo($scene, [['find' => 'f', 'with' => 'one']]);
    $missed = ReplyCases::replyTo($scene, [['find' => 'f', 'with' => 'two']]);

    expect($reply['scene'])->toBeNull()->and(array_keys($reply['things']))->toBe(['f'])
        ->and(array_keys($reply['drawn']))->toBe(['f'])->and($reply['verdict']['verdict'])->toBe('open')
        ->and($reply['drawn']['f'])->toContain('Ask two')->not->toContain('Ask one')->not->toContain('Ask three')
        ->and([$missed['verdict'], $missed['said']])->toBe([null, []])
        ->and($missed['things']['f'])->toContain('one wrong');
});

it('shows a find-it board that has no boxes, or no prompts, yet', function (array $boxes): void {
    $board = ['id' => 'f', 'kind' => 'find', 'box' => [0, 0, 900, 600], 'boxes' => $boxes];
    $scenes = [['id' => 'a', 'layout' => 'stage', 'things' => [$board]]];
    $game = CompiledEdition::ofDraft(Games::of($scenes));
    $screen = new Screen($game, Playing::start($game->game, 1, 0)->state, 0);

    expect(view('play.scene', ['screen' => $screen, 'frame' => new Frame('/p', [], ''), 'turn' => null])->render())
        ->toContain('0 of 0 found');
})->with([[[]], [[['id' => 'b', 'md' => 'Only here']]]]);

it('sends the scene when other things stand in it', function (): void {
    $hidden = ['if' => ['open' => 'l']] + Games::choice('on', ['go' => 'b']);
    $reply = ReplyCases::replyTo(
        [['id' => 'a', 'things' => [Games::lock('l', 'x'), $hidden]], ['id' => 'b']],
        [['answer' => 'l', 'with' => 'x']],
    );

    expect($reply['scene'])->toContain('thing-on')->toContain('thing-l')->and($reply['verdict']['verdict'])
        ->toBe('open');
});

it('tells in which order options stand after a wrong try, and leaves the lock where it is', function (): void {
    $options = array_map(static fn (string $letter): array => ['id' => "o{$letter}", 'md' => $letter], range('a', 'h'));
    $lock = [
        'input' => ['type' => 'options', 'shuffle' => true, 'options' => $options],
        'rules' => [['match' => ['options' => ['oa']], 'verdict' => 'open']],
    ] + Games::lock('l', '');
    $reply = ReplyCases::replyTo([['id' => 'a', 'things' => [$lock]]], [['answer' => 'l', 'with' => 'ob']]);

    expect($reply['things'])->toBe([])->and($reply['scene'])->toBeNull()
        ->and($reply['locks']['l']['order'])->toEqualCanonicalizing(array_column($options, 'id'))
        ->not->toBe(array_column($options, 'id'));
});

it('says neutral words where the teacher has none, with nothing of the answer in them', function (): void {
    $reply = ReplyCases::replyTo(
        [['id' => 'a', 'things' => [['otherwise' => []] + Games::lock('l', 'gannet')]]],
        [['answer' => 'l', 'with' => 'no']],
    );

    expect($reply['said'])->toBe([])
        ->and($reply['verdict'])->toBe([
            'lock' => 'l', 'verdict' => 'wrong', 'name' => 'wrong', 'tries' => 0, 'own' => [], 'isMarked' => true,
        ])
        ->and(json_encode($reply))->not->toContain('gannet');
});

it('names the tokens that were given, flags left out', function (): void {
    $reply = ReplyCases::replyTo(
        [['id' => 'a', 'things' => [Games::choice('take', ['do' => [['give' => 'key'], ['give' => 'secret']]])]]],
        [['choose' => 'take']],
        [
            'tokens' => [
                ['id' => 'key', 'name' => 'Iron key', 'kind' => 'item'],
                ['id' => 'secret', 'name' => 'Secret', 'kind' => 'flag'],
            ],
        ],
    );

    expect($reply['given'])->toBe(['Iron key'])
        ->and($reply['rims'])->toContain('Iron key')->not->toContain('Secret');
});

it('says why an action was refused, and sends nothing else', function (): void {
    $reply = ReplyCases::replyTo(
        [['id' => 'a', 'things' => [Games::lock('l', 'x')]]], [['answer' => 'l', 'with' => ' ']],
    );

    expect($reply['refusal'])->toBe('Type an answer first.')
        ->and([$reply['scene'], $reply['locks'], $reply['verdict']])->toBe([null, [], null]);
});

it('makes the words of a scene ready for a page', function (): void {
    $game = Games::of([['id' => 'a', 'things' => []]]);
    $screen = new Screen(CompiledEdition::ofDraft($game), Playing::start($game, 1, 0)->state, 0);

    expect($screen->html('**bold**'))->toBe('<p><strong>bold</strong></p>')
        ->and($screen->inline('**bold**'))->toBe('<strong>bold</strong>')
        ->and($screen->plain('**bold** & _soft_'))->toBe('bold & soft')
        ->and($screen->html(''))->toBe('')
        ->and($screen->html(null))->toBe('');
});

it('fills a player’s name into words without making marks of it', function (): void {
    $game = Games::of([['id' => 'a', 'things' => [['id' => 't', 'kind' => 'text', 'md' => 'Hello {=player}.']]]]);
    $screen = new Screen(CompiledEdition::ofDraft($game), Playing::start($game, 1, 0, '<b>Mia</b>')->state, 0);

    expect($screen->html($screen->view->things[0]['md']))->not->toContain('<b>');
});

it('speaks in the game’s own wordings, which take turns try by try', function (): void {
    $lock = ['otherwise' => []] + Games::lock('l', 'gannet');
    $told = array_map(
        static fn (int $tries): array => ReplyCases::replyTo(
            [['id' => 'a', 'things' => [$lock]]],
            array_fill(0, $tries, ['answer' => 'l', 'with' => 'no']),
            ['voice' => ['wrong' => ['Look out to sea.', 'Ask the gulls.']]],
        )['verdict'],
        [1, 2, 3],
    );

    expect(array_column($told, 'own'))->toBe(array_fill(0, 3, ['Look out to sea.', 'Ask the gulls.']))
        ->and(array_column($told, 'tries'))->toBe([0, 1, 2]);
});

it('says a verdict that fits what was asked, and nothing twice', function (
    array $lock, mixed $with, array $told,
): void {
    $scenes = [['id' => 'a', 'things' => [$lock + Games::lock('l', 'gannet')]]];
    $reply = ReplyCases::replyTo($scenes, [['answer' => 'l', 'with' => $with]]);
    $voice = new Voice(CompiledEdition::ofDraft(Games::of($scenes)));

    expect([
        $voice->head('l', $reply['verdict']['verdict'], $reply['said']), $voice->isMarked('l'),
    ])->toBe($told)->and($reply['verdict']['isMarked'])->toBe($told[1]);
})->with([
    'a question is right' => [[], 'gannet', ['Right.', true]],
    'an area opens' => [['look' => 'clear'], 'gannet', ['Open.', true]],
    'a code opens' => [
        [
            'input' => ['type' => 'digits', 'length' => 2],
            'rules' => [['match' => ['equals' => ['17']], 'verdict' => 'open']],
        ], '17', ['Open.', true],
    ],
    'what the teacher says' => [['tells' => 'open'], 'gannet', ['Open.', true]],
    'an opinion' => [['tells' => 'noted'], 'gannet', ['', false]],
    'an opinion that is another' => [['tells' => 'noted'], 'no', ['', false]],
    'words that begin so' => [['otherwise' => [['say' => 'Not yet. Read it once more.']]], 'no', ['', true]],
]);

it('shows an open lock with the student’s own answer and the words it earned', function (): void {
    $reply = ReplyCases::replyTo(
        [['id' => 'a', 'things' => [Games::lock('l', 'gannet')]]], [['answer' => 'l', 'with' => 'The <b>Gannet']],
    );
    expect($reply['verdict']['verdict'])->toBe('wrong');
    $reply = ReplyCases::replyTo(
        [['id' => 'a', 'things' => [['clean' => ['fair' => true]] + Games::lock('l', 'gannet')]]],
        [['answer' => 'l', 'with' => 'the Gannet!']],
    );

    expect($reply['things']['l'])->toContain('the Gannet!')->toContain('It opens.')->toContain('Right.');
    $lock = Games::lock('l', '', ['rules' => [['match' => ['has' => ['gannet']], 'verdict' => 'open']]]);
    $reply = ReplyCases::replyTo(
        [['id' => 'a', 'things' => [$lock]]], [['answer' => 'l', 'with' => '<img src=x onerror=alert(1)> gannet']],
    );

    expect($reply['things']['l'])->toContain('&lt;img src=x')->not->toContain('<img src=x');
});

it('says in the game’s own words that something is still missing', function (): void {
    $reply = ReplyCases::replyTo(
        [['id' => 'a', 'things' => [['needs' => ['has' => 'key']] + Games::lock('l', 'gannet')]]],
        [['answer' => 'l', 'with' => 'gannet']],
        ['tokens' => [['id' => 'key', 'name' => 'Key']], 'voice' => ['notReady' => ['The lamp must be lit first.']]],
    );

    expect($reply['refusal'])->toBe('The lamp must be lit first.')->and($reply['verdict'])->toBeNull();
});

it('marks a choice that is right or wrong once it was made, and not before', function (): void {
    $scenes = [['id' => 'a', 'things' => [
        ['mark' => 'wrong'] + Games::choice('cliff', ['say' => 'Too steep.']),
        ['mark' => 'right'] + Games::choice('burrow', ['say' => 'Here it nests.']),
        ['mark' => 'neutral'] + Games::choice('sea', []),
    ]]];
    $wrong = ReplyCases::replyTo($scenes, [['choose' => 'cliff']]);
    expect($wrong['verdict'])->toMatchArray(['verdict' => 'wrong', 'name' => 'wrong', 'isMarked' => true])
        ->and(array_keys($wrong['things']))->toBe(['cliff'])->and($wrong['things']['cliff'])->toContain('mark-wrong');
    $right = ReplyCases::replyTo($scenes, [['choose' => 'cliff'], ['choose' => 'burrow']]);
    expect($right['verdict'])->toMatchArray(['verdict' => 'open', 'name' => 'right'])
        ->and($right['things']['burrow'])->toContain('mark-open')
        ->and(ReplyCases::replyTo($scenes, [['choose' => 'sea']])['verdict'])->toBeNull();
});

it('counts a wrong choice as a try', function (): void {
    $game = Games::of([['id' => 'a', 'things' => [['mark' => 'wrong'] + Games::choice('cliff', [])]]]);
    $start = Playing::start($game, 1, 0)->state;
    $once = ReplyCases::turnOf($game, $start, ['choose' => 'cliff'])->state;
    $turn = ReplyCases::turnOf($game, $once, ['choose' => 'cliff']);

    expect($turn->state->tries)->toBe(['cliff' => 2])->and($turn->events)->toContain(['marked', 'cliff', 'wrong']);
});

it('names nothing that is to be found where finding is the task', function (bool $isTask, string $said): void {
    $edition = CompiledEdition::ofDraft($game = Games::of([[
        'id' => 'a', 'layout' => 'stage', 'finding' => $isTask,
        'things' => [
            ['look' => 'clear', 'box' => [10, 10, 200, 200], 'label' => 'The hidden chest'] + Games::lock('l', 'x'),
        ],
    ]]));
    $page = view('play.scene', [
        'screen' => new Screen($edition, Playing::start($game, 1, 0)->state, 0), 'frame' => new Frame('/p/x', [], ''),
        'turn' => null,
    ])->render();

    expect($page)->toContain("aria-label=\"{$said}\"")->toContain("data-name=\"{$said}\"")
        ->and(str_contains($page, 'data-finding-help'))->toBe($isTask)
        ->and(preg_match('/class="thing thing-lock +sought"/', $page) === 1)->toBe($isTask);
})->with([[true, 'Place 1'], [false, 'The hidden chest']]);

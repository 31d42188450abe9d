<?php

use App\Play\CompiledEdition;
use App\Play\Screen;
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

it('sends the scene when other things stand in it', function (): void {
    $hidden = ['if' => ['open' => 'l']] + Games::choice('on', ['go' => 'b']);
    $reply = ReplyCases::replyTo(
        [['id' => 'a', 'things' => [Games::lock('l', 'x'), $hidden]], ['id' => 'b']],
        [['answer' => 'l', 'with' => 'x']],
    );

    expect($reply['scene'])->toContain('thing-on')->toContain('thing-l')->and($reply['verdict']['verdict'])
        ->toBe('open');
});

it('sends a lock whole when its options stand in another order', function (): void {
    $options = array_map(static fn (string $letter): array => ['id' => "o{$letter}", 'md' => $letter], range('a', 'h'));
    $lock = [
        'input' => ['type' => 'options', 'shuffle' => true, 'options' => $options],
        'rules' => [['match' => ['options' => ['oa']], 'verdict' => 'open']],
    ] + Games::lock('l', '');
    $reply = ReplyCases::replyTo([['id' => 'a', 'things' => [$lock]]], [['answer' => 'l', 'with' => 'ob']]);

    expect(array_keys($reply['things']))->toBe(['l'])->and($reply['locks'])->toBe([]);
});

it('says neutral words where the teacher has none, with nothing of the answer in them', function (): void {
    $reply = ReplyCases::replyTo(
        [['id' => 'a', 'things' => [['otherwise' => []] + Games::lock('l', 'gannet')]]],
        [['answer' => 'l', 'with' => 'no']],
    );

    expect($reply['said'])->toBe([])
        ->and($reply['verdict'])->toBe(['lock' => 'l', 'verdict' => 'wrong'])
        ->and(__('play.neutral.wrong'))->toBe('That doesn’t open it.')
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

<?php

use App\Actions\EditGame;
use App\Actions\Standpoint;
use App\Models\Game;
use Fravel\Edit\SetField;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Testing\TestResponse;
use Tests\Support\Classroom;
use Tests\Support\Feature\EditCases;
use Tests\Support\Feature\PlayCases;
use Tests\Support\Games;

beforeEach(function (): void {
    $this->game = Game::factory()->create();
    $this->actingAs($this->game->user);
});

it('keeps an edit with its revision and its label', function (): void {
    EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => 'The hall'], 1, 'title of the scene')
        ->assertOk()
        ->assertJson([
            'revision' => 2, 'refusal' => null, 'history' => ['undo' => 'title of the scene', 'redo' => null],
        ]);
    expect($this->game->fresh()->read()->scene('hall')->title)->toBe('The hall');
});

it('undoes and does again, also when the page was loaded anew', function (): void {
    EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => 'One'], 1, 'first');
    EditCases::edit($this, ['remove' => 'greeting'], 2, 'second');
    $this->postJson("/games/{$this->game->id}/undo", ['base' => 3])
        ->assertJson(['revision' => 4, 'history' => ['undo' => 'first', 'redo' => 'second']]);
    $this->postJson("/games/{$this->game->id}/undo", ['base' => 4])
        ->assertJson(['history' => ['undo' => null, 'redo' => 'first']]);
    expect(json_decode($this->game->fresh()->document, true))->toEqual(Games::twoRooms());
    $this->postJson("/games/{$this->game->id}/undo", ['base' => 5])
        ->assertConflict()
        ->assertJson(['refusal' => __('edits.refused.history.start')]);
    $this->postJson("/games/{$this->game->id}/redo", ['base' => 5])->assertOk();
    expect($this->game->fresh()->read()->scene('hall')->title)->toBe('One');
});

it('changes a question that is asked again in both places, and undoes it in both', function (): void {
    $lock = Games::lock('q', 'gull');
    $again = ['id' => 'r', 'if' => ['not' => ['firstTry' => ['q'], 'atLeast' => 1]]] + $lock;
    $game = Games::document([['id' => 'a', 'things' => [$lock, $again]]]);
    $this->game->update(['document' => Json::write($game)]);
    EditCases::edit($this, ['set' => 'r', 'field' => 'ask', 'to' => 'Who?'], 1)
        ->assertJsonPath('applied.together.1', ['set' => 'q', 'field' => 'ask', 'to' => 'Who?']);
    expect(array_column($this->game->fresh()->read()->document['scenes'][0]['things'], 'ask'))->toBe(['Who?', 'Who?']);
    $this->postJson("/games/{$this->game->id}/undo", ['base' => 2])->assertOk();
    expect($this->game->fresh()->read()->document['scenes'])->toEqual($game['scenes']);
});

it('begins a new history after an undo', function (): void {
    EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => 'One'], 1);
    $this->postJson("/games/{$this->game->id}/undo", ['base' => 2]);
    EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => 'Two'], 3);
    $this->postJson("/games/{$this->game->id}/redo", ['base' => 4])->assertConflict();
    expect($this->game->fresh()->read()->scene('hall')->title)->toBe('Two');
});

it('merges what another tab changed elsewhere, and hands over the whole', function (): void {
    EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => 'By tab one'], 1);
    $reply = EditCases::edit($this, ['set' => 'store', 'field' => 'title', 'to' => 'By tab two'], 1)->assertOk();
    expect($reply->json('document.scenes.0.title'))->toBe('By tab one')
        ->and($reply->json('document.scenes.1.title'))->toBe('By tab two');
});

it('refuses with words what another tab changed meanwhile, and loses nothing', function (): void {
    EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => 'By tab one'], 1, 'title of the scene');
    $reply = EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => 'By tab two'], 1)->assertConflict();
    expect($reply->json('refusal'))->toContain('title of the scene')
        ->and($reply->json('document.scenes.0.title'))->toBe('By tab one')
        ->and($this->game->fresh()->revision)->toBe(2);
});

it('tells its own changes from those it was made without knowing of', function (): void {
    $title = static fn (string $to): array => ['set' => 'hall', 'field' => 'title', 'to' => $to];
    EditCases::edit($this, ['set' => 'store', 'field' => 'title', 'to' => 'By the other tab'], 1);
    $own = EditCases::edit($this, $title('One'), 1)->assertOk()->json('kept');
    $send = fn (array $command, array $own): TestResponse => $this->postJson(
        "/games/{$this->game->id}/edits",
        ['command' => $command, 'base' => 3, 'made' => 1, 'own' => $own, 'label' => 'x'],
    );

    $send(['set' => 'store', 'field' => 'title', 'to' => 'Not seen'], [$own])->assertConflict();
    $send($title('Two'), [])->assertConflict();
    $send($title('Two'), [$own])->assertOk()->assertJson(['kept' => 4]);
    expect(array_column($this->game->fresh()->read()->document['scenes'], 'title'))
        ->toBe(['Two', 'By the other tab', 'End']);
    $send($title('Three'), ['x'])->assertUnprocessable();
    $send($title('Three'), array_fill(0, 1001, 1))->assertUnprocessable();
});

it('refuses also what another tab’s undo changed meanwhile', function (): void {
    EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => 'One'], 1);
    $this->postJson("/games/{$this->game->id}/undo", ['base' => 2]);
    EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => 'Two'], 2)->assertConflict();
});

it('takes nothing that would break the shape of the game', function (array $command): void {
    $reply = EditCases::edit($this, $command, 1)->assertConflict();
    expect($reply->json('refusal'))->toBeString()->not->toContain('edits.')
        ->and($this->game->fresh()->document)->toBe($this->game->document)
        ->and($this->game->fresh()->revision)->toBe(1);
})->with([
    'a title that is no text' => [['set' => 'hall', 'field' => 'title', 'to' => ['x']]],
    'an unknown rule' => [['set' => 'door', 'field' => 'rules', 'to' => [['match' => ['smells' => 'x']]]]],
    'a broken pattern' => [['set' => 'door', 'field' => 'rules', 'to' => [['match' => ['pattern' => '(']]]]],
    'an unknown unit' => [['set' => 'door', 'field' => 'input', 'to' => ['type' => 'number', 'unit' => 'furlongs']]],
    'a thing that is there' => [[
        'insert' => 'things', 'in' => 'hall', 'after' => null, 'value' => ['id' => 'door', 'kind' => 'text'],
    ]],
    'no command' => [['jump' => 'hall']],
    'nothing' => [[]],
]);

it('keeps empty objects empty objects', function (): void {
    $this->call(
        'POST', "/games/{$this->game->id}/edits",
        content: '{"base":1,"label":"x","command":{"set":"door","field":"clean","to":{}}}',
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
    )
        ->assertOk();
    expect($this->game->fresh()->document)->toContain('"clean":{}');
});

it('tries an answer on the bench without keeping anything', function (): void {
    $this->postJson("/games/{$this->game->id}/bench", ['lock' => 'door', 'with' => 'Gannet!'])
        ->assertExactJson([
            'compared' => ['given' => 'gannet', 'wanted' => 'gannet'],
            'rule' => 0, 'verdict' => 'open', 'say' => '<p>It opens.</p>', 'go' => 'Store',
        ]);
    $this->postJson("/games/{$this->game->id}/bench", ['lock' => 'door', 'with' => 'gull'])
        ->assertJson(['rule' => null, 'verdict' => 'wrong', 'say' => '<p>It stays shut.</p>']);
    $this->postJson("/games/{$this->game->id}/bench", ['lock' => 'door', 'with' => ''])
        ->assertJson(['refusal' => __('play.refused.answer.blank')]);
});

it('shows every change by its name, and returns to any moment and forward again', function (): void {
    foreach (['One', 'Two', 'Three'] as $place => $title) {
        EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => $title], $place + 1, "called it {$title}");
    }
    $changes = $this->getJson("/games/{$this->game->id}/history")->json('changes');
    expect(array_column($changes, 'label'))->toBe(['called it Three', 'called it Two', 'called it One']);
    $titleAfter = function (int $change): string {
        $this->postJson("/games/{$this->game->id}/history", ['change' => $change])->assertOk()
            ->assertJsonPath('document.start', 'hall');

        return $this->game->fresh()->read()->scene('hall')->title;
    };

    expect($titleAfter($changes[2]['id']))->toBe('One')
        ->and(array_column($this->getJson("/games/{$this->game->id}/history")->json('changes'), 'undone'))
        ->toBe([true, true, false])
        ->and($titleAfter($changes[0]['id']))->toBe('Three')->and($titleAfter(0))
        ->toBe(Games::twoRooms()['scenes'][0]['title']);
});

it('counts an edit, an undo, a copy and a pattern once, however often they arrive', function (
    string $path, array $fields,
): void {
    EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => 'One'], 1, 'first');
    EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => 'Two'], 2, 'second');
    $send = fn () => $this->postJson(
        "/games/{$this->game->id}/{$path}", $fields + ['base' => 3, 'key' => 'the-same-key-twice'],
    );
    $first = $send()->assertOk()->assertJson(['revision' => 4]);
    EditCases::edit($this, ['set' => '@game', 'field' => 'note', 'to' => 'later'], 4);
    $kept = $this->game->fresh()->document;
    $again = $send()->assertOk()->assertJson(['revision' => 5, 'kept' => 4, 'refusal' => null]);
    expect($first->json('kept'))->toBe(4)->and($this->game->fresh()->document)->toBe($kept)
        ->and($again->json('document'))->toBe(json_decode($kept, true));
})->with([
    'an edit' => ['edits', ['command' => ['set' => 'hall', 'field' => 'title', 'to' => 'Three'], 'label' => 'x']],
    'a copy' => ['edits', ['command' => ['duplicate' => ['hall']], 'label' => 'x']],
    'an undo' => ['undo', []],
    'a return to the beginning' => ['history', ['change' => 0]],
    'a pattern' => ['patterns', ['pattern' => 'ladder', 'with' => ['questions' => "What?\tthat"]]],
]);

it('makes an edit again on what is there when somebody was first', function (): void {
    $isFirst = true;
    DB::listen(function ($query) use (&$isFirst): void {
        if ($isFirst && str_contains($query->sql, '"edit_keys"')) {
            $isFirst = false;
            app(EditGame::class)
                ->handle(
                    $this->game->id, fn () => new SetField('store', 'title', 'By the other'), Standpoint::at(1),
                    'other',
                );
        }
    });
    EditCases::edit($this, ['set' => 'hall', 'field' => 'title', 'to' => 'By this one'], 1)->assertOk();
    expect($this->game->fresh()->revision)->toBe(3)
        ->and(array_column($this->game->fresh()->read()->document['scenes'], 'title'))
        ->toBe(['By this one', 'By the other', 'End']);
});

it('works an edit out before it takes the lock, and writes little while it has it', function (): void {
    $during = [];
    $isOpen = false;
    DB::listen(function ($query) use (&$during, &$isOpen): void {
        $isOpen && $during[] = strtok($query->sql, ' ');
    });
    Event::listen(Illuminate\Database\Events\TransactionBeginning::class, function () use (&$isOpen): void {
        $isOpen = true;
    });
    Event::listen(Illuminate\Database\Events\TransactionCommitted::class, function () use (&$isOpen): void {
        $isOpen = false;
    });
    EditCases::edit($this, ['duplicate' => ['hall', 'store'], 'times' => 50], 1)->assertOk();
    expect($during)->toBe(['update', 'delete', 'insert', 'update', 'insert']);
});

it('says what is too large, and keeps the game as it was', function (array $command, string $words): void {
    EditCases::edit($this, $command, 1)->assertConflict()->assertJson(['revision' => 1, 'refusal' => $words]);
    expect(json_decode($this->game->fresh()->document, true))->toEqual(Games::twoRooms());
})->with([
    'a command of five megabytes' => [
        ['set' => 'hall', 'field' => 'note', 'to' => str_repeat('x', 5_000_000)],
        'That change is larger than 4 MB. It was not taken; everything else is kept.',
    ],
    'six thousand copies' => [
        ['duplicate' => array_fill(0, 60, 'hall'), 'times' => 100],
        'That would make too many copies at once: 5000 parts are the most. Nothing was changed.',
    ],
]);

it('lets no game grow past what can be worked with', function (): void {
    foreach (['hall', 'store', 'end'] as $place => $part) {
        $reply = EditCases::edit(
            $this, ['set' => $part, 'field' => 'note', 'to' => str_repeat('x', 3_000_000)], $place + 1,
        );
    }
    $reply->assertConflict()
        ->assertJson([
            'revision' => 3,
            'refusal' => 'The game would be larger than 8 MB. The change was not taken; everything else is kept.',
        ]);
});

it('tells on the bench how an answer and the rule are read', function (
    array $input, array $match, string $typed, ?array $compared,
): void {
    $lock = ['input' => $input, 'rules' => [['match' => $match, 'verdict' => 'open']]] + Games::lock('l', '');
    $game = Game::factory()->create(['document' => Json::write(Games::document([['id' => 'a', 'things' => [$lock]]]))]);

    $this->actingAs($game->user)->postJson("/games/{$game->id}/bench", ['lock' => 'l', 'with' => $typed])
        ->assertJson(['compared' => $compared]);
})->with([
    'words' => [
        ['type' => 'text'], ['equals' => ['Fog-Horn', 'Gannet']], 'The Gannet!',
        ['given' => 'the gannet', 'wanted' => 'gannet'],
    ],
    'a number in another unit' => [
        ['type' => 'number', 'unit' => 'm'], ['number' => 3700, 'unit' => 'm'], '3,7 km',
        ['given' => '3700 m', 'wanted' => '3700 m'],
    ],
    'a fraction' => [['type' => 'number'], ['number' => 0.5], '1/3', ['given' => '1/3', 'wanted' => '0.5']],
    'no number' => [['type' => 'number'], ['number' => 0.5], 'many', null],
    'a long text' => [['type' => 'long'], ['has' => ['long']], 'A long text.', null],
]);

it('tells beside the rules how long guessing takes, and offers a pause where something depends on the lock', function (
    array $lock, string $words, ?array $guard,
): void {
    $code = ['input' => ['type' => 'arrows', 'length' => 2]] + Games::lock('l', 'UD');
    $game = Game::factory()->create(['document' => Json::write(Games::document([
        ['id' => 'a', 'things' => [$lock + $code]], ['id' => 'b'],
    ]))]);
    $near = $this->actingAs($game->user)->postJson("/games/{$game->id}/bench", ['lock' => 'l'])->assertOk();

    expect($near->json('guessing.words'))->toContain($words)->and($near->json('guessing.guard'))->toBe($guard);
})->with([
    'a question' => [[], 'in about 26 seconds.', null],
    'what leads on' => [
        ['rules' => [['match' => ['equals' => 'UD'], 'verdict' => 'open', 'go' => 'b']]],
        'in about 26 seconds.', ['tries' => 3, 'wait' => 50],
    ],
    'with a pause' => [['guard' => ['tries' => 1, 'wait' => 60]], 'in about 7 minutes; without the pause, in 26', null],
    'words' => [['input' => ['type' => 'text']], 'no end of answers', null],
]);

it('proposes a rule for each near miss', function (): void {
    $misses = $this->postJson("/games/{$this->game->id}/bench", ['lock' => 'door'])->assertOk()->json('misses');

    expect(array_column($misses, 'match', 'text'))
        ->toMatchArray(['ganent' => ['equals' => ['ganent']], 'gannet.' => null])
        ->and(array_column($misses, 'rule', 'text'))->toMatchArray(['ganent' => null, 'gannet.' => 0]);
});

it('offers wrong answers as options: those that people gave, and numbers near the right one', function (): void {
    $this->play = Classroom::join($this->run = $run = Classroom::open(Games::document([
        ['id' => 'hall', 'things' => [Games::lock('door', '48')]],
    ])));
    foreach (['50', 'fifty', '50'] as $typed) {
        PlayCases::act($this, ['verb' => 'answer', 'on' => $run->edition->nameOf('door'), 'with' => $typed]);
    }
    $options = [['id' => 'o1', 'md' => '48'], ['id' => 'o2', 'md' => '47']];
    $asked = ['input' => ['type' => 'options', 'options' => $options]]
        + Games::lock('door', '', [], []);
    $asked['rules'] = [['match' => ['options' => ['o1']], 'verdict' => 'open']];
    $run->game->update(['document' => Json::write(Games::document([['id' => 'hall', 'things' => [$asked]]]))]);
    $offered = $this->actingAs($run->game->user)->postJson("/games/{$run->game_id}/bench", ['lock' => 'door'])
        ->assertOk()->json('offered');

    expect(array_slice(array_column($offered, 'words', 'text'), 0, 2, true))
        ->toBe(['50' => 'given 2 times', 'fifty' => 'given once'])
        ->and(array_column($offered, 'text'))->toContain('49')->not->toContain('47')->not->toContain('48');
});

it('plays a mend before it hands it out, and keeps the way', function (): void {
    $game = Games::of([['id' => 'a', 'title' => 'A', 'next' => ['go' => 'a'], 'things' => []]]);
    $game = Game::factory()->create(['document' => Json::write($game->document)]);
    $found = $this->actingAs($game->user)->getJson("/games/{$game->id}/findings")->json('findings');
    $mend = array_column($found, 'mend', 'code')['ending.none'];
    $command = $this->postJson("/games/{$game->id}/mend", ['mend' => $mend])->assertOk()->json('command');

    expect($command['together'][1])->toMatchArray(['insert' => 'walkthroughs'])
        ->and($command['together'][1]['value']['name'])->toBe('Played through: The end')
        ->and($command['together'][0])->toBe($mend);
    $this->postJson("/games/{$game->id}/mend", ['mend' => ['remove' => 'a']])->assertConflict()
        ->assertJson(['refusal' => 'There is nothing to mend there any more.']);
});

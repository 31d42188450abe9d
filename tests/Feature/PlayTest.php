<?php

use App\Play\Voice;
use App\Storage\EditionFile;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;
use Tests\Support\Classroom;
use Tests\Support\Feature\PlayCases;
use Tests\Support\Games;

beforeEach(function (): void {
    $this->run = Classroom::open();
    $this->play = Classroom::join($this->run);
});

it('gives the teacher’s feedback at once and changes only the lock', function (): void {
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gull'])->assertOk()->assertJson([
        'verdict' => ['lock' => Classroom::id('door'), 'verdict' => 'wrong'], 'said' => ['<p>It stays shut.</p>'],
        'scene' => null,
        'things' => [], 'locks' => [Classroom::id('door') => ['state' => 'wrong', 'hint' => true, 'wait' => 0]],
    ]);
});

it('says so when an answer is right, and shows where it leads', function (): void {
    $reply = PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'Gannet'])->assertOk()
        ->assertJson(['verdict' => ['verdict' => 'open'], 'given' => ['Lamp']]);
    expect($reply->json('scene'))->toContain('Store')
        ->and($reply->json('rims'))->toContain('Lamp')
        ->and($this->play->fresh()->read()->scene)->toBe(Classroom::id('store'));
});

it('counts the same key once and gives the same reply again', function (): void {
    $fields = ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet', 'key' => 'device-chose-this'];
    PlayCases::act($this, $fields);
    PlayCases::act($this, $fields)->assertOk()->assertJson(['verdict' => ['verdict' => 'open'], 'refusal' => null]);
    $wrong = ['verb' => 'choose', 'on' => 'return', 'key' => 'and-another-one'];
    PlayCases::act($this, $wrong);
    PlayCases::act($this, $wrong);
    expect(DB::table('play_events')->where('play_id', $this->play->id)->count())->toBe(3)
        ->and($this->play->fresh()->seq)->toBe(3);
});

it('keeps every event in order with the state it led to', function (): void {
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gull']);
    PlayCases::act($this, ['verb' => 'hint', 'on' => 'door']);
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    PlayCases::act($this, ['verb' => 'choose', 'on' => 'leave']);
    expect(DB::table('play_events')->where('play_id', $this->play->id)->pluck('seq')->all())->toBe([1, 2, 3, 4, 5])
        ->and($this->play->fresh()->read()->ended)->toBe('won')->and($this->play->fresh()->ended_at)->not->toBeNull();
});

it('asks the database three times for an action, and writes twice', function (): void {
    $form = Classroom::form($this->play, ['verb' => 'answer', 'on' => 'door', 'with' => 'gull']);
    DB::enableQueryLog();
    $this->withUnencryptedCookie('fravel_play', $form['ticket'])
        ->post("/p/{$this->run->code}", $form, ['Accept' => 'application/json'])->assertOk();
    $queries = array_column(DB::getQueryLog(), 'query');
    expect(count($queries))->toBe(3, implode("\n", $queries))
        ->and(array_map(static fn (string $query): string => strtok($query, ' '), $queries))
        ->toBe(['select', 'update', 'insert']);
});

it('says without scripts what an action came to, once, where it belongs, and keeps what was typed', function (): void {
    $post = function (string $with): string {
        $form = Classroom::form($this->play, ['verb' => 'answer', 'on' => 'door', 'with' => $with]);

        return (string) $this->withUnencryptedCookie('fravel_play', $form['ticket'])
            ->post("/p/{$this->run->code}", $form)->assertOk()->getContent();
    };
    $lock = static fn (string $page): string => (string) strstr($page, 'data-lock=');

    $wrong = $post('gull');
    expect(substr_count($wrong, 'It stays shut.'))->toBe(1)->and($lock($wrong))->toContain('It stays shut.')
        ->toContain('value="gull"');
    $post('tern');
    $post('auk');
    $stopped = $post('fulmar');
    expect($lock($stopped))->toContain('said-refused')->toContain('value="fulmar"')
        ->and(substr_count($stopped, 'said-refused'))->toBe(1)
        ->and($stopped)->not->toContain('class="happened on-card');
    $this->travel(40)->seconds();
    $right = $post('gannet');
    expect(substr_count($right, 'It opens.'))->toBe(1)->and($right)->toContain('class="happened on-card')
        ->toContain('Lamp');
});

it('needs no session and sets no cookie but its own', function (): void {
    expect(
        PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gull'])->headers->getCookies(),
    )->toBe([]);
});

it('sends who asks for what is not there a whole scene once a second, else has the page loaded', function (): void {
    $this->freezeSecond();
    $absent = ['verb' => 'choose', 'on' => 'p-bcdfghjk'];
    expect(PlayCases::act($this, $absent)->json('scene'))->toContain('scene-main');
    PlayCases::act($this, $absent)->assertJson(['scene' => null, 'behind' => true])
        ->assertJsonPath('refusal', 'That isn’t here any more. This is where you are now.');
    $this->travel(1)->seconds();
    expect(PlayCases::act($this, $absent)->json())->not->toHaveKey('behind')
        ->and(PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gull'])->json())
        ->not->toHaveKey('behind');
});

it('holds the guard on the server', function (): void {
    $this->freezeSecond();
    foreach (['a', 'b', 'c'] as $wrong) {
        PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => $wrong]);
    }
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet'])
        ->assertJson([
            'refusal' => 'Wait 30 s before the next try.', 'locks' => [Classroom::id('door') => ['wait' => 30]],
        ]);
    $this->travel(30)->seconds();
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet'])
        ->assertJson(['verdict' => ['verdict' => 'open']]);
});

it('says in words what can’t be, and changes nothing', function (array $fields, string $words): void {
    $before = $this->play->fresh()->state;
    PlayCases::act($this, $fields)->assertSee($words);
    expect($this->play->fresh()->state)->toBe($before)->and($this->play->fresh()->seq)->toBe(1);
})->with([
    'a blank answer' => [['verb' => 'answer', 'on' => 'door', 'with' => '  '], 'Type an answer first.'],
    'an answer of 100 kB' => [
        ['verb' => 'answer', 'on' => 'door', 'with' => str_repeat('x', 100_000)], 'longer than 500 characters',
    ],
    'a thing of another scene' => [['verb' => 'choose', 'on' => 'leave'], 'any more'],
    'a forged scene' => [['verb' => 'choose', 'on' => 'store'], 'any more'],
    'an answer that is a list' => [['verb' => 'answer', 'on' => 'door', 'with' => ['gannet']], 'fit this lock'],
    'no action' => [['verb' => 'fly', 'on' => 'door'], 'no move of this game'],
    'nothing at all' => [[], 'no move of this game'],
]);

it('takes no action without the ticket in the form, or with another’s', function (): void {
    $other = Classroom::join($this->run, 'Finn');
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($this->play));
    foreach (['', Classroom::ticket($other)] as $ticket) {
        $this->post(
            "/p/{$this->run->code}", ['ticket' => $ticket, 'verb' => 'answer', 'on' => 'door', 'with' => 'gannet'],
            ['Accept' => 'application/json'],
        )
            ->assertUnauthorized()
            ->assertJson(['stranger' => true]);
    }
    expect($this->play->fresh()->seq)->toBe(1)->and($other->fresh()->seq)->toBe(1);
});

it('takes nothing more when the run is closed, and keeps all', function (): void {
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    $this->run->update(['closed_at' => now()]);
    PlayCases::act($this, ['verb' => 'choose', 'on' => 'leave'])
        ->assertJson(['refusal' => __('play.refused.run.closed')]);
    $this->get("/p/{$this->run->code}")->assertSee('closed this game')->assertSee('Store');
});

it('answers what counted as it did then, whatever came since', function (array $since): void {
    $sent = ['verb' => 'answer', 'on' => 'door', 'with' => 'gull', 'key' => 'arrived-the-first-time'];
    $first = PlayCases::act($this, $sent)->json('verdict');
    $this->run->update($since);
    expect(PlayCases::act($this, $sent)->assertJson(['refusal' => null])->json('verdict'))->toBe($first)
        ->and($this->play->fresh()->seq)->toBe(2)
        ->and(PlayCases::act($this, ['key' => 'arrives-too-late'] + $sent)->json('refusal'))->not->toBeNull();
})->with([[['closed_at' => 1]], [['paused_at' => 1]], [['opens_at' => 2_000_000_000]]]);

it('gives a device that is behind the present scene', function (): void {
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    expect(PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gull'])->json('scene'))
        ->toContain('Store');
});

it('plays without scripts: the feedback stands at the lock, the answer in its field', function (): void {
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($this->play));
    $this->post(
        "/p/{$this->run->code}", Classroom::form($this->play, ['verb' => 'answer', 'on' => 'door', 'with' => 'gull']),
    )
        ->assertOk()->assertSeeInOrder(['value="gull"', 'Not yet.', 'It stays shut.'], false);
    $this->post(
        "/p/{$this->run->code}", Classroom::form($this->play, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']),
    )
        ->assertSeeInOrder(['Store', 'Right.', 'It opens.', 'Lamp']);
});

it('shows what students type as text and nothing else', function (): void {
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($this->play));
    $this->post(
        "/p/{$this->run->code}",
        Classroom::form($this->play, ['verb' => 'answer', 'on' => 'door', 'with' => '"><script>alert(1)</script>']),
    )
        ->assertDontSee('<script>alert', false);
});

it('shows every kind of input and thing', function (): void {
    $pick = [['id' => 'k1', 'md' => 'One'], ['id' => 'k2', 'md' => 'Two']];
    $inputs = [['type' => 'long'], [
        'type' => 'number', 'unit' => 'km',
    ], ['type' => 'digits', 'length' => 4], ['type' => 'arrows', 'length' => 2], [
        'type' => 'colours', 'palette' => ['red', 'green'], 'length' => 2,
    ],
        ['type' => 'keys', 'keys' => $pick, 'length' => 2],
        ['type' => 'options', 'many' => true, 'options' => [['id' => 'o1', 'md' => 'O']]],
        ['type' => 'order', 'items' => [['id' => 'i1', 'md' => 'I']]],
        [
            'type' => 'pairs', 'left' => [['id' => 'l1', 'md' => 'L']], 'right' => [['id' => 'r1', 'md' => 'R']],
        ], ['type' => 'gaps', 'md' => 'The {gap-1} tide'], ['type' => 'point', 'asset' => 'art']];
    $locks = array_map(
        static fn (array $input, int $place): array => ['input' => $input] + Games::lock("lock{$place}", 'x'), $inputs,
        array_keys($inputs),
    );
    $things = [
        ['kind' => 'link', 'url' => 'https://tides.example', 'md' => 'Look'], ['kind' => 'picture', 'asset' => 'art'],
        ['kind' => 'cover', 'front' => ['md' => 'F']], ['kind' => 'standing', 'of' => ['n']], ['kind' => 'mosaic'],
        ['kind' => 'clip', 'asset' => 'art', 'cues' => [['id' => 'c1', 'at' => 3]]],
    ];
    $things = array_map(
        static fn (array $thing, int $place): array => ['id' => "thing{$place}"] + $thing, $things, array_keys($things),
    );
    $document = Games::document(
        [['id' => 'all', 'things' => [...$locks, ...$things]]],
        [
            'assets' => [['id' => 'art', 'file' => 'assets/'.str_repeat('a', 64).'.svg', 'alt' => 'Art']],
            'tallies' => [['id' => 'n', 'name' => 'N', 'start' => 1]],
        ],
    );
    $run = Classroom::open($document);
    $play = Classroom::join($run);
    $page = $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play))->get("/p/{$run->code}")->assertOk();
    foreach ([...array_column($locks, 'id'), ...array_column($things, 'id')] as $id) {
        $page->assertSee('thing-'.Classroom::id($id), false);
    }
});

it('goes on with a play that was kept before answers were', function (): void {
    $state = array_diff_key($this->play->read()->toArray(), ['answers' => null]);
    $this->play->forceFill(['state' => Json::write($state)])->save();
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet'])->assertOk()
        ->assertJson(['verdict' => ['verdict' => 'open']]);
    expect($this->play->fresh()->read()->answers)->toBe([Classroom::id('door') => 'gannet']);
});

it('says what an answer of each kind lacks', function (array $input, mixed $sent, string $words): void {
    $lock = ['input' => $input] + Games::lock('q', 'gull');
    $this->run = Classroom::open(Games::document([['id' => 'a', 'title' => 'A', 'things' => [$lock]]]));
    $this->play = Classroom::join($this->run, 'Mia');
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'q', 'with' => $sent])->assertSee($words);
    expect($this->play->fresh()->seq)->toBe(1);
})->with([
    [['type' => 'text'], '', 'Type an answer first.'], [['type' => 'number'], '', 'Type a number first.'],
    [['type' => 'digits', 'length' => 4], '12', 'Fill all 4 places first.'],
    [['type' => 'arrows', 'length' => 3], 'UU', 'Press 3 directions first.'],
    [['type' => 'colours', 'palette' => ['red', 'blue'], 'length' => 2], ['red'], 'Press 2 colours first.'],
    [['type' => 'options', 'options' => [['id' => 'x', 'md' => 'x']]], '', 'Pick an answer first.'],
    [['type' => 'long'], '', 'Write something first.'],
]);

it('is found by nobody who searches, but for its front page', function (): void {
    $run = Classroom::open();
    $this->get('/')->assertHeaderMissing('X-Robots-Tag');
    foreach (['/sign-in', "/p/{$run->code}", '/games', '/nowhere'] as $page) {
        $this->get($page)->assertHeader('X-Robots-Tag', 'noindex');
    }
});

it('says a verdict once, whichever word the teacher has for it', function (string $said, string $head): void {
    $voice = new Voice(EditionFile::of(Classroom::open()->edition));

    expect($voice->head('door', 'open', [$said]))->toBe($head);
})->with([
    ['<p>Right.</p>', ''], ['<p>Open!</p>', ''], ['<p>Right you are: the door gives way.</p>', ''],
    ['<p>It swings in.</p>', 'Right.'],
]);

it('owes nobody for what is still to come', function (): void {
    $picture = static fn (string $name): array => [
        'id' => $name, 'file' => "assets/{$name}.png", 'type' => 'image/png', 'credit' => "By {$name}",
    ];
    $this->run = Classroom::open(Games::document([
        ['id' => 'a', 'backdrop' => ['asset' => 'quay'], 'things' => [Games::choice('on', ['go' => 'b'])]],
        ['id' => 'b', 'things' => [
            ['id' => 't', 'kind' => 'text', 'md' => '![](asset:reef)'], Games::choice('out', ['go' => 'end']),
        ]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => 'Done.']],
    ], ['assets' => array_map($picture, ['quay', 'reef', 'crypt'])]));
    $this->play = Classroom::join($this->run, 'Mia');
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($this->play))->get("/p/{$this->run->code}")
        ->assertSee('By quay')->assertDontSee('By reef');
    expect(PlayCases::act($this, ['verb' => 'choose', 'on' => 'on'])->json('scene'))
        ->toContain('By reef')->not->toContain('By quay');
    expect(PlayCases::act($this, ['verb' => 'choose', 'on' => 'out'])->json('scene'))
        ->toContain('By reef', 'By quay')->not->toContain('By crypt');
});

it('puts clues of a room away when nothing is asked there any more', function (): void {
    $this->run = Classroom::open(Games::document([
        ['id' => 'quay', 'chapter' => 'one', 'things' => [
            Games::choice('take', ['do' => [['give' => 'note']]]), Games::lock('gate', 'x'),
            Games::choice('on', ['go' => 'tower']),
        ]],
        ['id' => 'tower', 'chapter' => 'two', 'things' => [Games::choice('down', ['go' => 'quay'])]],
    ], [
        'chapters' => [['id' => 'one', 'title' => 'One'], ['id' => 'two', 'title' => 'Two']],
        'tokens' => [['id' => 'note', 'name' => 'A note', 'kind' => 'clue', 'md' => 'Seven.']],
    ]));
    $this->play = Classroom::join($this->run, 'Mia');
    PlayCases::act($this, ['verb' => 'choose', 'on' => 'take']);
    $rims = fn (string $on): string => (string) PlayCases::act($this, ['verb' => 'choose', 'on' => $on])->json('rims');
    expect($rims('on'))->toContain('A note')->not->toContain('from rooms that are done');
    $rims('down');
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'gate', 'with' => 'x']);
    expect($rims('on'))->toContain('from rooms that are done: 1', 'A note')
        ->and($rims('down'))->not->toContain('from rooms that are done');
});

it('tells how far a board of covers is turned', function (): void {
    $lids = array_map(static fn (int $at): array => ['id' => "lid{$at}", 'kind' => 'cover'], range(1, 4));
    $this->run = Classroom::open(Games::document([['id' => 'board', 'things' => $lids]]));
    $this->play = Classroom::join($this->run, 'Mia');
    PlayCases::act($this, ['verb' => 'lift', 'on' => 'lid2']);
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($this->play))->get("/p/{$this->run->code}")
        ->assertSee('1 of 4 turned');
});

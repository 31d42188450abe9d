<?php

use App\Models\Ballot;
use App\Models\Member;
use App\Models\Play;
use App\Models\Vote;
use App\Play\Ticket;
use App\Storage\Pulse;
use App\View\Votes;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Testing\TestResponse;
use Tests\Support\Classroom;
use Tests\Support\Games;

beforeEach(function (): void {
    $document = Games::document([
        ['id' => 'fork', 'things' => [
            Games::choice('left', ['go' => 'cave']),
            Games::choice('right', ['go' => 'wood']),
            Games::lock('door', 'gannet', [], ['go' => 'end']),
        ]],
        ['id' => 'cave', 'title' => 'The cave', 'things' => [['id' => 'drip', 'kind' => 'text', 'md' => 'It drips.']]],
        ['id' => 'wood', 'title' => 'The wood', 'things' => [Games::choice('on', ['go' => 'end'])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => 'Done.']],
    ], ['title' => 'A fork']);
    $this->open = Classroom::open($document);
    $this->open->update(['plays_as' => 'class']);
    $this->actingAs($this->open->game->user);
    foreach (['Mia', 'Mia', 'Finn'] as $name) {
        $this->post("/p/{$this->open->code}/join", ['name' => $name])->assertRedirect();
    }
    $this->play = Play::query()->sole();
    $this->vote = function (int $who, array $fields): TestResponse {
        $ticket = Ticket::for($this->play->id, Member::query()->orderBy('id')->pluck('id')[$who])->text();

        return $this->withUnencryptedCookie('fravel_play', $ticket)->withCredentials()->postJson(
            "/p/{$this->open->code}", ['ticket' => $ticket] + Classroom::form($this->play, $fields),
        );
    };
    $this->front = "/runs/{$this->open->id}/front";
    $this->scene = fn (): string => collect(['fork', 'cave', 'wood', 'end'])->first(
        fn (string $id): bool => Classroom::id($id, $this->play) === $this->play->fresh()->read()->scene,
    );
});

it('takes one vote of each, who may change it, and does nothing before it is closed', function (): void {
    expect(Member::query()->pluck('name')->all())->toBe(['Mia', 'Mia 2', 'Finn']);
    ($this->vote)(0, ['verb' => 'choose', 'on' => 'left'])->assertOk()
        ->assertJsonPath('said', [])->assertJson(['scene' => null]);
    ($this->vote)(0, ['verb' => 'choose', 'on' => 'right']);
    ($this->vote)(1, ['verb' => 'choose', 'on' => 'right']);
    ($this->vote)(2, ['verb' => 'choose', 'on' => 'left']);
    expect(Vote::query()->count())->toBe(3)->and($this->play->fresh()->seq)->toBe(1);
    $this->get("{$this->front}/votes")->assertSeeInOrder(['3 votes', 'Left', '1', 'Right', '2']);
    $this->post("{$this->front}/decide")->assertRedirect($this->front);
    expect(($this->scene)())->toBe('wood')->and(Ballot::query()->whereNotNull('closed_at')->count())->toBe(1);
    // The next vote begins at nothing, and what is gone can't be voted for.
    $this->get("{$this->front}/votes")->assertSee('No votes yet');
    ($this->vote)(0, ['verb' => 'choose', 'on' => 'left'])->assertJson([
        'refusal' => 'That isn’t here any more. This is where you are now.',
    ]);
});

it('tells nobody by a vote whether an answer is right, and counts the same answers together', function (): void {
    foreach ([[0, 'Gannet'], [1, ' gannet '], [2, 'gull']] as [$who, $with]) {
        $reply = ($this->vote)($who, ['verb' => 'answer', 'on' => 'door', 'with' => $with]);
        expect($reply->json('verdict'))->toBeNull()->and($reply->json('refusal'))->toBeNull();
    }
    ($this->vote)(2, ['verb' => 'answer', 'on' => 'door', 'with' => ''])
        ->assertJson(['refusal' => 'Type an answer first.']);
    $this->get("{$this->front}/votes")->assertSeeInOrder(['Gannet', '2', 'gull', '1']);
    $this->post("{$this->front}/decide");
    expect($this->play->fresh()->read()->ended)->toBe('won');
});

it('tells each what it is for, of how many, and who comes late what was decided', function (): void {
    $page = fn (int $who): TestResponse => $this->withUnencryptedCookie('fravel_play', Ticket::for(
        $this->play->id, Member::query()->orderBy('id')->pluck('id')[$who],
    )->text())->get("/p/{$this->open->code}");
    $page(1)->assertSee('what you pick is your vote')->assertDontSee('have voted')->assertDontSee('Decided');
    expect(($this->vote)(0, ['verb' => 'choose', 'on' => 'left'])->json('vote'))
        ->toContain('Your vote: Left. You may change it')
        ->toContain('One of 3 has voted')->not->toContain('what you pick');
    ($this->vote)(2, ['verb' => 'choose', 'on' => 'left']);
    $news = $this->get("/p/{$this->open->code}/news?seq=1&since=0");
    expect($news->json('vote'))->toContain('Your vote: Left')->toContain('2 of 3 have voted');
    $page(1)->assertSee('what you pick is your vote')->assertSee('2 of 3 have voted');
    $this->get("{$this->front}/votes")->assertSee('3 have joined');
    $this->post("{$this->front}/decide");
    $page(1)->assertSee('Decided: Left (2 of 2)')->assertDontSee('have voted');
});

it('calls nothing by an id, and says what is done in the language of the game', function (): void {
    app()->setLocale('fr');
    $game = Games::of([['id' => 'a', 'things' => [
        ['id' => 'spot', 'kind' => 'choice', 'label' => ''], Games::lock('bolt', 'gull', ['label' => '', 'ask' => '']),
    ]]]);
    expect(Votes::words($game, ['choose' => 'spot']))->toBe('quelque chose sans mots')
        ->and(Votes::words($game, ['answer' => 'bolt', 'with' => 'gull']))->toBe('gull')
        ->and(Votes::words($game, ['continue' => true]))->toBe('continuer')
        ->and(Votes::words($game, ['hint' => 'bolt']))->toBe('demander un indice');
});

it('counts in the vote that a device shows, once, and in no later one', function (): void {
    $left = ['verb' => 'choose', 'on' => 'left', 'key' => 'sent-before-it-closed'];
    $reply = ($this->vote)(0, $left);
    preg_match('/data-ballot="(\d+)"/', $reply->json('vote'), $shown);
    $this->get("/p/{$this->open->code}")->assertSee("name=\"ballot\" value=\"{$shown[1]}\"", false);
    ($this->vote)(1, ['ballot' => $shown[1], 'verb' => 'choose', 'on' => 'left']);
    $this->post("{$this->front}/decide");
    expect(($this->scene)())->toBe('cave')->and(Ballot::query()->sole()->counts[0]['count'])->toBe(2);
    // As if the class stood at the fork again.
    $this->play->fresh()->update(['state' => $this->play->state]);
    // Sent again, and sent late: neither is a vote for what is asked now.
    expect(($this->vote)(0, $left)->json('said.0'))->toStartWith('Your vote is in.');
    ($this->vote)(2, ['ballot' => $shown[1], 'verb' => 'choose', 'on' => 'right'])
        ->assertJson(['refusal' => 'That vote is closed. This is where the class is now.']);
    expect(Vote::query()->count())->toBe(2)->and(Ballot::query()->whereNull('closed_at')->count())->toBeLessThan(2);
});

it('has one open vote, and closes it once', function (): void {
    $open = Ballot::openIn($this->play->id);
    $fields = ['play_id' => $this->play->id, 'hands' => [], 'opened_at' => 1];
    expect(fn () => Ballot::query()->create($fields))->toThrow(UniqueConstraintViolationException::class)
        ->and(Ballot::openIn($this->play->id)->id)->toBe($open->id)->and($open->isHeldOpen())->toBeTrue();
    $open->update(['closed_at' => 2]);
    expect($open->isHeldOpen())->toBeFalse()->and(Ballot::openIn($this->play->id)->id)->not->toBe($open->id);
});

it('keeps the vote while the run rests', function (): void {
    ($this->vote)(0, ['verb' => 'choose', 'on' => 'left']);
    $this->open->update(['paused_at' => 1]);
    $this->post("{$this->front}/decide");
    expect(($this->scene)())->toBe('fork')->and(session('status'))->toContain('The vote stays open')
        ->and(Ballot::query()->sole()->closed_at)->toBeNull()->and(Vote::query()->count())->toBe(1);
});

it('leaves a tie to the teacher, who may also draw lots', function (string $tie): void {
    ($this->vote)(0, ['verb' => 'choose', 'on' => 'left']);
    ($this->vote)(1, ['verb' => 'choose', 'on' => 'right']);
    $this->post("{$this->front}/decide");
    expect(($this->scene)())->toBe('fork')->and(session('status'))->toContain('It is a tie');
    $this->post("{$this->front}/decide", ['tie' => 'choose-nothing']);
    expect(($this->scene)())->toBe('fork');
    $key = Vote::query()->where('member_id', Member::query()->min('id'))->value('key');
    $this->post("{$this->front}/decide", ['tie' => $tie === 'lots' ? 'lots' : $key]);
    expect(($this->scene)())->toBeIn($tie === 'lots' ? ['cave', 'wood'] : ['cave']);
})->with(['lots', 'named']);

it('counts raised hands, and shows afterwards where the other way would have led', function (): void {
    ($this->vote)(0, ['verb' => 'choose', 'on' => 'left']);
    $left = Vote::query()->value('key');
    ($this->vote)(0, ['verb' => 'choose', 'on' => 'right']);
    $this->post("{$this->front}/hand", ['key' => $left, 'by' => 1]);
    $this->post("{$this->front}/hand", ['key' => $left, 'by' => 1]);
    $this->post("{$this->front}/hand", ['key' => 'nonsense', 'by' => 1]);
    $this->post("{$this->front}/decide");
    $ballot = Ballot::query()->whereNotNull('closed_at')->sole();
    expect(($this->scene)())->toBe('cave')->and($ballot->hands)->toBe([$left => 2]);
    $right = collect($ballot->counts)->firstWhere('count', 1)['key'];
    $this->get($this->front)->assertOk()->assertSee('Earlier votes')->assertSee('It drips.');
    $this->get("{$this->front}/{$ballot->id}/{$right}")->assertOk()->assertSee('The wood')->assertDontSee('It drips.');
    expect(($this->scene)())->toBe('cave');
});

it('follows at the front what the teacher does from the board', function (): void {
    $seq = $this->play->fresh()->seq;
    $news = fn (int $seq) => $this->get("{$this->front}/news?seq={$seq}&since=0")->assertOk();
    expect($news($seq)->json())->not->toHaveKey('scene');
    $beat = fn (): string => (string) file_get_contents(
        config('fravel.pulse').'/'.basename(Pulse::address("votes {$this->play->id}")),
    );
    $before = $beat();
    $this->post("/runs/{$this->open->id}/plays/{$this->play->id}/help", [
        'way' => 'move', 'on' => Classroom::id('cave', $this->play),
    ])->assertRedirect();
    expect($news($seq)->json('scene'))->toContain('It drips.')->and($news($seq)->json('seq'))->toBe($seq + 1)
        ->and($beat())->not->toBe($before);
});

it('lets the teacher act at the front without a vote', function (): void {
    ($this->vote)(0, ['verb' => 'choose', 'on' => 'right']);
    $beat = fn (): string => (string) file_get_contents(
        config('fravel.pulse').'/'.basename(Pulse::address("votes {$this->play->id}")),
    );
    $before = $beat();
    $this->postJson($this->front, Classroom::form($this->play, ['verb' => 'choose', 'on' => 'left']))->assertOk();
    expect(($this->scene)())->toBe('cave')->and($beat())->not->toBe($before);
    expect($this->get("/p/{$this->open->code}/news?seq=1&since=0")->json('vote'))->not->toContain('Right');
    // What was there when somebody was for it is gone, and another class's vote is none of this one's.
    $this->get("{$this->front}/votes")->assertDontSee('Right')->assertSee('nothing to vote for');
    $other = Ballot::query()->create([
        'play_id' => Classroom::join(Classroom::open())->id, 'hands' => [], 'opened_at' => 0, 'closed_at' => 1,
        'state' => $this->play->read()->toArray(), 'result' => [],
        'counts' => [['key' => 'k', 'action' => ['choose' => 'left'], 'count' => 1]],
    ]);
    $this->get("{$this->front}/{$other->id}/k")->assertRedirect($this->front);
});

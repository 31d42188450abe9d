<?php

use App\Play\Ticket;
use Tests\Support\Classroom;
use Tests\Support\Feature\PlayCases;
use Tests\Support\Games;

beforeEach(function (): void {
    $this->run = Classroom::open(Games::document([
        ['id' => 'desk', 'things' => [Games::lock('why', '', [
            'ask' => 'Why does the tide turn?', 'input' => ['type' => 'long'], 'eye' => true,
            'otherwise' => [['say' => 'Write some more.']],
            'rules' => [['match' => ['has' => 'nonsense'], 'verdict' => 'almost', 'say' => 'In earnest.'], [
                'match' => ['length' => ['min' => 1]], 'verdict' => 'open', 'go' => 'end', 'say' => 'Well put.',
            ]],
        ])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => 'Done.', 'receipt' => true]],
    ]));
    $this->play = Classroom::join($this->run);
    $this->actingAs($this->run->game->user);
    $this->answer = fn (string $text) => PlayCases::act($this, ['verb' => 'answer', 'on' => 'why', 'with' => $text]);
    $this->page = fn (string $path = '') => $this
        ->withUnencryptedCookie('fravel_play', Ticket::for($this->play->id)->text())
        ->get("/p/{$this->run->code}{$path}");
    $this->help = fn (array $fields) => $this->post("/runs/{$this->run->id}/plays/{$this->play->id}/help", [
        ...$fields, 'on' => Classroom::id('why', $this->play),
    ]);
});

it('holds an answer until the teacher has read it, and then opens with all that follows', function (): void {
    ($this->help)(['way' => 'accept']);
    expect($this->play->fresh()->read()->open)->toBe([]);
    ($this->answer)('nonsense')->assertJsonPath('verdict.verdict', 'almost');
    $this->play->update(['state' => json_encode(['tries' => []] + json_decode($this->play->fresh()->state, true))]);
    ($this->answer)('Because of the moon.')->assertOk()
        ->assertJsonPath('verdict.verdict', 'waiting')->assertJsonPath('verdict.isMarked', false);
    expect($this->play->fresh()->read()->open)->toBe([])->and($this->play->fresh()->read()->tries)->toBe([]);
    ($this->page)()->assertSee('Your answer is with your teacher.')->assertSee('Because of the moon.');
    expect((string) $this->get("/runs/{$this->run->id}/locks.csv")->streamedContent())->toContain(',1,0,0,');
    $this->get("/runs/{$this->run->id}/standing")->assertSee('One answer waits');
    $this->get("/runs/{$this->run->id}/texts")->assertSeeInOrder(['Mia', 'Because of the moon.', 'Accept it']);
    // Who waits to be read is not stuck, however long it takes.
    $this->travel(1)->hours();
    $this->get("/runs/{$this->run->id}/standing")->assertSee('Nobody is stuck just now.');
    ($this->help)(['way' => 'accept'])->assertSessionHas('status');
    expect($this->play->fresh()->read()->ended)->toBe('won');
    ($this->help)(['way' => 'accept']);
    $this->get("/runs/{$this->run->id}/report")->assertSeeInOrder(['0 %', '0 / 1']);
    $this->get("/runs/{$this->run->id}/standing")->assertDontSee('waits until');
});

it('sends an answer back with words, which stay at its lock, and takes another one', function (): void {
    ($this->answer)('The moon');
    ($this->help)(['way' => 'back'])->assertSessionHasErrors('words');
    ($this->help)(['way' => 'back', 'words' => 'Say how the moon does it.']);
    ($this->page)()->assertSee('Say how the moon does it.')->assertSee('The moon')
        ->assertDontSee('data-state="waiting"', false);
    $this->get("/runs/{$this->run->id}/texts")->assertDontSee('Accept it');
    ($this->help)(['way' => 'back', 'words' => 'Once more']);
    ($this->answer)('It pulls at the water.');
    ($this->page)()->assertDontSee('Say how')->assertSee('It pulls at the water.');
    expect($this->play->fresh()->read()->returned)->toBe([]);
    $this->get("/runs/{$this->run->id}/plays/{$this->play->id}")
        ->assertSeeInOrder(['waits for you', 'The moon', 'You sent the answer', 'It pulls at the water.']);
});

it('marks what was written, for the student’s page of answers', function (): void {
    ($this->answer)('The moon');
    ($this->help)(['way' => 'accept']);
    $lock = Classroom::id('why', $this->play);
    $mark = fn (array $fields) => $this->post("/runs/{$this->run->id}/plays/{$this->play->id}/mark", $fields + [
        'lock' => $lock,
    ]);
    $mark(['mark' => 'good', 'words' => 'You saw it.']);
    ($this->page)('/receipt')->assertSee('Your teacher:')->assertSee('good: You saw it.');
    $mark(['mark' => 'nonsense', 'words' => 'Only <b>words</b>.']);
    ($this->page)('/receipt')->assertSee('Only <b>words</b>.')->assertDontSee('good:');
});

it('opens at once where nobody reads', function (): void {
    $id = $this->run->game_id;
    $this->get("/games/{$id}/rehearsal?from=desk");
    $this->postJson("/games/{$id}/rehearsal", ['verb' => 'answer', 'on' => 'why', 'with' => 'x'])
        ->assertJson(['ended' => 'won']);
});

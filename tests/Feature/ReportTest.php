<?php

use App\Models\Run;
use App\Models\User;
use Tests\Support\Classroom;
use Tests\Support\Feature\PlayCases;
use Tests\Support\Games;

beforeEach(function (): void {
    $options = [['id' => 'one', 'md' => 'Ebb'], ['id' => 'two', 'md' => 'Flood']];
    $this->run = Classroom::open(Games::document([['id' => 'hall', 'things' => [
        Games::lock('door', 'gannet'),
        Games::lock('tide', '', [
            'ask' => 'Which is in?', 'input' => ['type' => 'options', 'options' => $options],
            'rules' => [['match' => ['options' => ['two']], 'verdict' => 'open']],
        ]),
    ]]]));
    $this->answers = function (string $name, string $lock, string ...$answers): void {
        $this->play = Classroom::join($this->run, $name);
        foreach ($answers as $answer) {
            PlayCases::act($this, ['verb' => 'answer', 'on' => $lock, 'with' => $answer]);
        }
    };
});

/** The key of the first group of answers to a lock, as the page has it. */
function groupOn(string $html): string
{
    preg_match('/name="group" value="(\w+)"/', $html, $found);

    return $found[1] ?? '';
}

it('tells how each lock went, and what was answered instead, never to a stranger', function (): void {
    ($this->answers)('Mia', 'door', 'tern', 'Tern!', 'gannet');
    ($this->answers)('Ben', 'door', 'gannet');
    $this->actingAs($this->run->game->user);
    $lock = Classroom::id('door');

    $this->get("/runs/{$this->run->id}/report?lock={$lock}")->assertOk()
        ->assertSeeInOrder(['50 %', '1 / 2', 'tern', 'also: Tern!', 'They read'])->assertSee('Mia');
    $this->get("/runs/{$this->run->id}/plays/{$this->play->id}")->assertOk()
        ->assertSeeInOrder(['What Ben did', 'begins', 'gannet', 'It opens.']);
    expect((string) $this->get("/runs/{$this->run->id}/answers.csv")->assertOk()->content())
        ->toContain('Mia,')->toContain('Tern!,wrong')
        ->and((string) $this->get("/runs/{$this->run->id}/locks.csv")->content())->toContain(',2,2,1,');
    $this->flushSession();
    $this->actingAs(User::factory()->create());
    foreach (['report', 'answers.csv', 'locks.csv', "plays/{$this->play->id}"] as $page) {
        $this->get("/runs/{$this->run->id}/{$page}")->assertForbidden();
    }
    $this->post("/runs/{$this->run->id}/report/{$lock}", ['group' => 'x', 'say' => 'y'])->assertForbidden();
});

it('puts words for a wrong answer into the draft, or takes it for right, and says whom it would have met', function (
    string $lock, string $wrong, array $match,
): void {
    ($this->answers)('Mia', $lock, Classroom::id($wrong));
    ($this->answers)('Ben', 'door', 'gannet');
    $this->actingAs($this->run->game->user);
    $address = "/runs/{$this->run->id}/report";
    $id = Classroom::id($lock);
    $group = groupOn((string) $this->get("{$address}?lock={$id}")->content());
    $this->post("{$address}/{$id}", ['group' => $group, 'say' => 'Look at its wings.'])->assertSessionHas('status');
    $this->get($address)->assertSee('It would have met 1 of 2 students.');
    $rules = $this->run->game->fresh()->read()->written($lock)['rules'];

    expect($rules[1])->toBe(['match' => $match, 'verdict' => 'wrong', 'say' => 'Look at its wings.'])
        ->and($this->run->edition->fresh()->document)->not->toContain('Look at its wings.');
    $this->post("{$address}/{$id}", ['group' => $group, 'accept' => '1']);
    $taken = $this->run->game->fresh()->read()->written($lock)['rules'][1];
    expect([$taken['match'], $taken['verdict']])->toBe([$match, 'open']);
    $this->post("{$address}/{$id}", ['group' => $group, 'say' => ' '])->assertSessionHasErrors('say');
    $this->post("{$address}/{$id}", ['group' => 'none', 'say' => 'x'])->assertNotFound();
})->with([
    ['door', 'tern', ['equals' => ['tern']]],
    ['tide', 'one', ['options' => ['one']]],
]);

it('says so where nobody has answered yet', function (): void {
    $this->actingAs($this->run->game->user)->get("/runs/{$this->run->id}/report")->assertOk()
        ->assertSee('Nobody has answered a lock yet.');
    expect(Run::query()->count())->toBe(1);
});

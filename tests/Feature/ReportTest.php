<?php

use App\Models\Run;
use App\Models\User;
use App\Report\RunLogs;
use Fravel\Report\PlayLog;
use Illuminate\Support\Facades\DB;
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
    expect((string) $this->get("/runs/{$this->run->id}/answers.csv")->assertOk()->streamedContent())
        ->toContain('Mia,')->toContain('Tern!,wrong')
        ->and((string) $this->get("/runs/{$this->run->id}/locks.csv")->streamedContent())->toContain(',2,2,1,');
    $this->flushSession();
    $this->actingAs(User::factory()->create());
    foreach (['report', 'answers.csv', 'locks.csv', "plays/{$this->play->id}"] as $page) {
        $this->get("/runs/{$this->run->id}/{$page}")->assertForbidden();
    }
    $this->post("/runs/{$this->run->id}/report/{$lock}", ['group' => 'x', 'say' => 'y'])->assertForbidden();
});

it('reads a run some plays at a time, with three queries for two hundred', function (): void {
    foreach (range(1, 4) as $number) {
        ($this->answers)("Student {$number}", 'door', 'tern');
    }
    DB::enableQueryLog();
    $logs = iterator_to_array(RunLogs::each($this->run), false);

    expect(DB::getQueryLog())->toHaveCount(3)->and(array_map(fn (PlayLog $log): string => $log->name, $logs))
        ->toBe(['Student 1', 'Student 2', 'Student 3', 'Student 4'])
        ->and($logs[2]->answersTo(Classroom::id('door'))[0]->with())->toBe('tern');
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
    $this->get($address)->assertSee('It would have met 1 of 2 students.')
        ->assertSee('It helps Mia, who stands there now');
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
        ->assertSee('Nobody has joined yet');
    Classroom::join($this->run, 'Mia');
    $this->get("/runs/{$this->run->id}/report")->assertSee('0 / 0')->assertDontSee('Nobody has joined yet');
    expect(Run::query()->count())->toBe(1);
});

it('tells which ways were taken, what nobody saw and who came out where, on paper too', function (): void {
    $run = $this->run = Classroom::open(Games::document([
        ['id' => 'fork', 'title' => 'The fork', 'things' => [
            Games::choice('left', ['go' => 'cave']), Games::choice('right', ['go' => 'wood']),
        ]],
        ['id' => 'cave', 'title' => 'The cave', 'ending' => ['kind' => 'won', 'md' => 'Out.']],
        ['id' => 'wood', 'title' => 'The wood', 'ending' => ['kind' => 'lost', 'md' => 'Lost.']],
        ['id' => 'moor', 'title' => 'The moor', 'things' => []],
    ]));
    $this->actingAs($run->game->user);
    foreach (['Mia' => 'left', 'Finn' => 'left', 'Zoe' => 'right', 'Kay' => null] as $name => $way) {
        $this->play = Classroom::join($run, $name);
        $way === null || PlayCases::act($this, ['verb' => 'choose', 'on' => $way]);
    }
    $page = $this->get("/runs/{$run->id}/report")->assertOk()->assertSeeInOrder([
        'The fork', 'Left', '50 %', '2 / 4', 'Right', '25 %', 'The cave', '2 students', '1.', 'Mia', '2.', 'Finn',
        'The wood', 'one student', 'Zoe', 'Not at an end', 'Kay', 'Scenes that nobody saw', 'The moor',
    ]);
    expect($page->content())->not->toContain('Nobody has joined');
    expect($run->plays()->where('name', 'Zoe')->sole()->place)->toBeNull();
    $pdf = $this->get("/runs/{$run->id}/report.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    expect($pdf->streamedContent())->toStartWith('%PDF-')
        ->and(strlen($pdf->streamedContent()))->toBeGreaterThan(5000);
    $this->get("/runs/{$run->id}/plays/{$this->play->id}")->assertSee('data-trail', false);
});

it('counts a way once for each play, however often it was taken', function (): void {
    $run = $this->run = Classroom::open(Games::document([
        ['id' => 'fork', 'title' => 'The fork', 'things' => [
            Games::choice('left', ['go' => 'cave']), Games::choice('right', ['go' => 'cave']),
        ]],
        ['id' => 'cave', 'title' => 'The cave', 'back' => true, 'things' => []],
    ]));
    $this->play = Classroom::join($run, 'Mia');
    $left = ['verb' => 'choose', 'on' => 'left'];
    foreach ([$left, ['verb' => 'back'], $left] as $fields) {
        PlayCases::act($this, $fields)->assertOk();
    }
    $this->actingAs($run->game->user)->get("/runs/{$run->id}/report")
        ->assertSeeInOrder(['Left', '1 / 1', 'Right', '0 / 1']);
});

it('sets runs of a game beside each other, lock by lock', function (): void {
    ($this->answers)('Mia', 'door', 'tern', 'gannet');
    $this->actingAs($this->run->game->user);
    $this->post("/runs/{$this->run->id}/settings", ['label' => 'Group A']);
    $draft = str_replace('"Which is in?"', '"Which is it?"', $this->run->game->document);
    $this->run->game->update(['document' => $draft]);
    $this->run = app(App\Actions\OpenRun::class)->handle($this->run->game->fresh(), 'Group B');
    ($this->answers)('Ben', 'door', 'gannet');
    $this->get("/runs/{$this->run->id}/compare")->assertOk()
        ->assertSeeInOrder(['Group B', 'Edition 2', 'Group A', 'Edition 1', '100 %', '0 %']);
});

it('tells of a find-it board who found all, and which box was taken for which', function (): void {
    $run = $this->run = Classroom::open(Games::document([['id' => 'hall', 'things' => [[
        'id' => 'birds', 'kind' => 'find', 'label' => 'The birds', 'boxes' => [
            ['id' => 'tern', 'ask' => 'A fork in the tail', 'md' => 'Tern'],
            ['id' => 'gull', 'ask' => 'Yellow legs', 'md' => 'Gull'],
        ],
    ]]]]));
    $this->actingAs($run->game->user);
    $this->play = Classroom::join($run, 'Mia');
    $asked = fn (): string => Fravel\Thing\Things::boards(
        App\Storage\EditionFile::of($run->edition)->game->scenes()[0]->things,
    )[0]->asked($this->play->fresh()->read())->id;
    [$tern, $gull] = [Classroom::id('tern', $this->play), Classroom::id('gull', $this->play)];
    PlayCases::act($this, ['verb' => 'find', 'on' => 'birds', 'with' => $asked() === $tern ? 'gull' : 'tern']);
    PlayCases::act($this, ['verb' => 'find', 'on' => 'birds', 'with' => $asked() === $tern ? 'tern' : 'gull']);
    PlayCases::act($this, ['verb' => 'find', 'on' => 'birds', 'with' => $asked() === $tern ? 'tern' : 'gull']);
    $this->get("/runs/{$run->id}/report")->assertOk()->assertSeeInOrder([
        'The birds', '1 of 1 found all of it.', 'Wrong picks: 1', 'student took', 'for',
    ])->assertDontSee('Nobody has joined');
});

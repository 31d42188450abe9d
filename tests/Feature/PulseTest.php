<?php

use App\Storage\Lines;
use App\Storage\Pulse;
use Tests\Support\Classroom;
use Tests\Support\Feature\PlayCases;
use Tests\Support\Games;

beforeEach(function (): void {
    config(['fravel.pulse' => sys_get_temp_dir().'/fravel-pulse-'.getmypid()]);
    $this->beat = fn (string $id): string => (string) @file_get_contents(
        config('fravel.pulse').'/'.basename(Pulse::address($id)),
    );
    $this->run = Classroom::open();
    $this->play = Classroom::join($this->run);
    $this->other = Classroom::join($this->run, 'Finn');
    $this->moved = function (Closure $act): array {
        $ids = [$this->play->id, $this->other->id, $this->run->id];
        $before = array_map($this->beat, $ids);
        $act();

        return array_map(fn (string $id, string $was): bool => ($this->beat)($id) !== $was, $ids, $before);
    };
});

afterEach(fn () => Illuminate\Support\Facades\File::deleteDirectory(config('fravel.pulse')));

it('beats for a play and its run when something is done there, and for nothing else', function (): void {
    $answer = fn (string $with) => PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => $with]);
    expect(($this->moved)(fn () => $answer('gull')))->toBe([true, false, true])
        ->and(($this->moved)(fn () => $answer('')))->toBe([false, false, false])
        ->and(($this->beat)($this->play->id))->toMatch('/^[0-9a-f]{16}$/')
        ->and(Pulse::address($this->play->id))->toMatch('~^/pulse/[0-9a-f]{32}$~')
        ->and(Pulse::address($this->play->id))->not->toContain($this->play->id);
});

it('beats when the teacher does something for one, or for all', function (string $path, array $with, array $who): void {
    $this->actingAs($this->run->game->user);
    $path = str_replace('{play}', $this->play->id, $path);
    expect(($this->moved)(fn () => $this->post("/runs/{$this->run->id}/{$path}", $with)))->toBe($who);
})->with([
    ['plays/{play}/help', ['way' => 'line', 'words' => 'Look up.'], [true, false, false]],
    ['plays/{play}/help', ['way' => 'hint', 'on' => 'nothing'], [false, false, false]],
    ['line', ['way' => 'line', 'words' => 'Look up.'], [true, true, false]],
    ['pause', ['pause' => 1], [true, true, true]],
    ['close', [], [true, true, true]],
    ['settings', ['gives_hints' => 0], [true, true, true]],
]);

it('tells open boards a line of what was done, and to ask for all where a line is too little', function (): void {
    $answer = fn (string $with) => PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => $with]);
    $lines = fn (): array => array_slice(
        explode("\n", (string) @file_get_contents(config('fravel.pulse').'/'.basename(Lines::address($this->run->id)))),
        1, -1,
    );
    $answer('gull');
    expect($lines())->toBe([]);
    $page = $this->actingAs($this->run->game->user)->get("/runs/{$this->run->id}")->assertOk();
    expect($page->getContent())->toContain(Lines::address($this->run->id))->toContain('data-at="1"')
        ->and(Lines::address($this->run->id))->not->toContain($this->run->id);
    $answer('tern');
    $answer('gannet');
    $this->post("/runs/{$this->run->id}/pause", ['pause' => 1]);
    $this->post("/runs/{$this->run->id}/pause", ['pause' => 0]);
    PlayCases::act($this, ['verb' => 'choose', 'on' => 'leave']);
    [$wrong, $right, $paused, , $ended] = $lines();
    expect(json_decode($wrong, true))->toMatchArray([
        'play' => $this->play->id, 'where' => 'Hall', 'open' => 0, 'tries' => 2, 'isStuck' => false,
    ])->and(json_decode($right, true))->toMatchArray(['where' => 'Store', 'open' => 1])
        ->and([$paused, $ended])->toBe(['*', '*'])
        ->and($wrong)->not->toContain('Mia')->not->toContain('tern');
    touch(config('fravel.pulse').'/'.App\Storage\Pulse::name("watch|{$this->run->id}"), time() - 3600);
    $count = count($lines());
    $this->play = $this->other;
    $answer('tern')->assertOk();
    expect($lines())->toHaveCount($count);
    // A board that is opened again reads on from there; who was stopped for guessing is to be looked at.
    $size = filesize(config('fravel.pulse').'/'.basename(Lines::address($this->run->id)));
    expect($this->get("/runs/{$this->run->id}")->getContent())->toContain("data-at=\"{$size}\"");
    $answer('gull');
    $answer('skua');
    expect(json_decode($lines()[$count + 1], true))->toMatchArray(['tries' => 3, 'isStuck' => true]);
});

it('tells boards when somebody got on, so that who was slow before is not taken for stuck', function (): void {
    $this->run = Classroom::open(Games::of([
        ['id' => 'hall', 'things' => [Games::lock('door', 'gannet', [], ['go' => 'store'])]],
        ['id' => 'store', 'things' => [Games::lock('chest', 'gull')]],
    ])->document);
    $this->play = Classroom::join($this->run);
    Lines::watch($this->run->id, []);
    $this->travel(10)->minutes();
    $told = fn (): array => json_decode(explode("\n", trim((string) file_get_contents(
        config('fravel.pulse').'/'.basename(Lines::address($this->run->id)),
    )))[0], true);
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet'])->assertOk();
    expect($told())->toMatchArray(['where' => 'Store', 'isStuck' => false]);
});

it('has boards ask for all when an answer waits for the teacher', function (): void {
    $lock = ['eye' => true, 'input' => ['type' => 'long'], 'rules' => [
        ['match' => ['length' => ['min' => 1]], 'verdict' => 'open'],
    ]];
    $this->run = Classroom::open(Games::of([['id' => 'hall', 'things' => [
        Games::lock('door', 'gannet', $lock), Games::lock('other', 'gull'),
    ]]])->document);
    $this->play = Classroom::join($this->run);
    Lines::watch($this->run->id, []);
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'Because it dives.'])->assertOk();
    expect(file_get_contents(config('fravel.pulse').'/'.basename(Lines::address($this->run->id))))->toBe("\n*\n");
});

it('goes on where no pulse can be written, and sweeps what is long quiet', function (): void {
    Illuminate\Support\Facades\File::deleteDirectory(config('fravel.pulse'));
    file_put_contents(config('fravel.pulse'), 'in the way');
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet'])->assertOk();
    unlink(config('fravel.pulse'));
    PlayCases::act($this, ['verb' => 'choose', 'on' => 'leave'])->assertOk();
    expect(($this->beat)($this->play->id))->not->toBe('')->and(Pulse::sweep(60))->toBe(0)
        ->and(Pulse::sweep(-1))->toBeGreaterThan(1)
        ->and(glob(config('fravel.pulse').'/*'))->toBe([]);
});

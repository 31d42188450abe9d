<?php

use App\Models\Game;
use App\Models\User;
use App\Workshop\SavedDefaults;
use Fravel\Edit\Blank;
use Fravel\Pattern\TeacherDefaults;
use Tests\Support\Feature\PatternCases;

beforeEach(function (): void {
    $this->game = Game::factory()
        ->create(['document' => json_encode(Blank::game('New', ['scene' => 'One', 'hello' => 'Hello']))]);
    $this->actingAs($this->game->user);
});

const ROWS = "What bends light?\ta lens\tIt is glass.\tTower\nWhat moves the tide?\tthe moon\t\tQuay";

it('shows what would be built, how much was understood and what is lacking', function (): void {
    PatternCases::building($this, ['with' => ['questions' => ROWS."\nonly a question"]], '/preview')->assertOk()
        ->assertJson(['missing' => [], 'rows' => ['questions' => ['count' => 2, 'left' => 1]]])
        ->assertJsonCount(3, 'document.scenes');
    PatternCases::building($this, ['with' => []], '/preview')->assertJson(['missing' => ['Questions'], 'rows' => []])
        ->assertJsonPath('document.scenes.0.title', 'Quay 1');
    expect($this->game->fresh()->revision)->toBe(1);
});

it('builds into the game as one change, undone with one', function (): void {
    $before = $this->game->document;
    PatternCases::building($this, ['with' => ['questions' => ROWS]])->assertOk()
        ->assertJson(['revision' => 2, 'history' => ['undo' => 'built “Question ladder”']]);
    expect($this->game->fresh()->read()->scenes())->toHaveCount(3);
    $this->postJson("/games/{$this->game->id}/undo", ['base' => 2])->assertOk();
    expect($this->game->fresh()->document)->toBe($before);
});

it('builds nothing while something is lacking, and says that nothing was changed', function (): void {
    PatternCases::building($this, ['with' => ['questions' => 'only a question']])->assertConflict()
        ->assertJson(['refusal' => __('edits.refused.command.unknown')]);
    expect($this->game->fresh()->revision)->toBe(1);
});

it('keeps what a teacher usually wants, and uses it next time', function (): void {
    $usual = ['right' => 'Well done.', 'wrong' => 'Look again.', 'tries' => '5', 'wait' => '40'];
    PatternCases::building($this, ['with' => ['questions' => ROWS], 'usual' => $usual]);
    $lock = $this->game->fresh()->read()->document['scenes'][0]['things'][0];

    expect($lock['guard'])->toBe(['tries' => 5, 'wait' => 40])->and($lock['rules'][0]['say'])->toBe('Well done.')
        ->and(SavedDefaults::toArray($this->game->user->fresh()))
        ->toBe(['right' => 'Well done.', 'wrong' => 'Look again.', 'tries' => 5, 'wait' => 40, 'look' => '']);
    $this->get("/games/{$this->game->id}")->assertSee('Well done.');
});

it('lets students go on from a board when they like, or when everything has been uncovered', function (): void {
    foreach (['anytime' => null, 'uncovered' => 2] as $leave => $least) {
        $before = count($this->game->fresh()->read()->scenes());
        $with = ['cards' => "Ebb\tout\nFlood\tin", 'leave' => $leave];
        PatternCases::building($this, ['pattern' => 'reveal', 'with' => $with])->assertOk();
        $things = $this->game->fresh()->read()->document['scenes'][$before === 1 ? 0 : $before]['things'];
        $onward = array_pop($things);

        expect($onward['if']['atLeast'] ?? null)->toBe($least)
            ->and($onward['if']['liftedOf'] ?? [])->toBe($least ? array_column($things, 'id') : []);
    }
});

it('leaves out no question of a hidden picture, however many there are', function (): void {
    $rows = array_map(static fn (int $at): string => "Question {$at}?\tanswer {$at}", range(1, 40));
    PatternCases::building($this, ['pattern' => 'mosaic', 'with' => [
        'questions' => implode("\n", $rows), 'hidden' => __('patterns.sample.hidden'),
    ]])->assertOk();
    $things = collect($this->game->fresh()->read()->document['scenes'][0]['things']);
    $boxes = $things->where('kind', 'lock')->pluck('box');

    expect($things->firstWhere('kind', 'mosaic')['by'])->toHaveCount(40)->and($boxes->unique())->toHaveCount(40)
        ->and($boxes->max(static fn (array $box): int => $box[0] + $box[2]))->toBeLessThanOrEqual(1600)
        ->and($boxes->max(static fn (array $box): int => $box[1] + $box[3]))->toBeLessThanOrEqual(780);
});

it('takes bounds for what is usual, whatever is sent', function (array $sent, TeacherDefaults $usual): void {
    expect(SavedDefaults::read($sent))->toEqual($usual);
})->with([
    'nothing' => [[], new TeacherDefaults('', '', 3, 20)],
    'no pause' => [['tries' => 0], new TeacherDefaults('', '', 0, 20)],
    'too much' => [['tries' => 5000, 'wait' => 1e9], new TeacherDefaults('', '', 600, 600)],
    'lists and words' => [
        ['right' => ['x'], 'wrong' => 3, 'tries' => 'many', 'wait' => -4], new TeacherDefaults('', '', 3, 0),
    ],
]);

it('refuses malformed content without a crash', function (array $fields): void {
    PatternCases::building($this, $fields)->assertUnprocessable();
    expect($this->game->fresh()->revision)->toBe(1);
})->with([
    'an unknown pattern' => [['pattern' => 'maze', 'with' => ['questions' => ROWS]]],
    'a pattern that is a list' => [['pattern' => ['ladder']]],
    'content that is text' => [['with' => 'all of it']],
    'a field that is a list' => [['with' => ['questions' => ['a', 'b']]]],
    'more than fits' => [['with' => ['questions' => str_repeat('long ', 250_000)]]],
]);

it('builds behind a scene that is there, and at the end when it is gone', function (?string $after, int $place): void {
    $document = Blank::game('New', ['scene' => 'One', 'hello' => 'Hello']);
    $document['scenes'][0]['next'] = [['go' => 'end']];
    $document['scenes'][] = [
        'id' => 'end', 'title' => 'End', 'layout' => 'page', 'things' => [], 'ending' => ['kind' => 'won', 'md' => ''],
    ];
    $this->game->update(['document' => json_encode($document)]);
    PatternCases::building($this, ['with' => ['questions' => "What?\tthat"], 'after' => $after])->assertOk();

    expect(
        array_search(
            'question', array_map(Fravel\Document\Ids::stem(...), $this->game->fresh()->read()->sceneIds()), true,
        ),
    )->toBe($place);
})->with(['behind the first' => ['first-scene', 1], 'gone' => ['gone', 2], 'nowhere' => [null, 2]]);

it('lets nobody build into another’s game, nor look at it', function (): void {
    $this->actingAs(User::factory()->create());
    PatternCases::building($this, ['with' => ['questions' => ROWS]])->assertForbidden();
    PatternCases::building($this, ['with' => ['questions' => ROWS]], '/preview')->assertForbidden();
    $this->getJson("/games/{$this->game->id}/scores")->assertForbidden();
    $this->getJson("/games/{$this->game->id}/history")->assertForbidden();
    $this->postJson("/games/{$this->game->id}/history", ['change' => 0])->assertForbidden();
});

it('begins a new game with a pattern, and with none that is unknown', function (string $pattern, string $ends): void {
    $reply = $this->post('/games', ['title' => 'Mine', 'pattern' => $pattern]);
    $game = Game::query()->where('title', 'Mine')->sole();

    $reply->assertRedirect("/games/{$game->id}{$ends}");
})->with([['hub', '?pattern=hub'], ['maze', ''], ['', '']]);

it('offers every pattern with its picture', function (): void {
    $page = $this->get('/games/new')->assertOk()->assertSee('From a pattern');

    $all = count(Fravel\Pattern\Patterns::all());

    expect(substr_count((string) $page->getContent(), 'name="pattern"'))->toBe($all)
        ->and(substr_count((string) $page->getContent(), '<svg class="route-map'))->toBe($all);
});

it('says what tallies come to', function (): void {
    PatternCases::building(
        $this,
        ['pattern' => 'quiz', 'with' => ['outcomes' => "Keeper\nPilot", 'quizQuestions' => "One?\ta\tb\nTwo?\ta\tb"]],
    );

    [$keeper, $pilot] = array_column(json_decode($this->game->fresh()->document, true)['tallies'], 'id');
    $this->getJson("/games/{$this->game->id}/scores")->assertOk()
        ->assertJson([
            'ranges' => [$keeper => ['least' => 0, 'most' => 2]], 'wins' => [$keeper => 0.75, $pilot => 0.25],
            'tied' => 0.5,
        ]);
    $option = json_decode($this->game->fresh()->document, true)['scenes'][0]['things'][0]['input']['options'][0]['id'];
    $this->getJson("/games/{$this->game->id}/scores?".http_build_query(['supposed' => [$option, ['x']]]))->assertOk()
        ->assertJson(['wins' => [$keeper => 1, $pilot => 0]]);
    $this->getJson("/games/{$this->game->id}/scores?supposed=text")->assertOk();
});

it('keeps the look of scenes and what runs ask for beside the rest', function (): void {
    $teacher = $this->game->user;
    SavedDefaults::keep($teacher, ['right' => 'Good.', 'look' => 'quay/day']);
    SavedDefaults::keep($teacher, ['group' => true]);
    SavedDefaults::keep($teacher, ['look' => 'moon/noon', 'wrong' => 'Look.']);

    expect(SavedDefaults::toArray($teacher->fresh()))
        ->toMatchArray(['right' => 'Good.', 'wrong' => 'Look.', 'look' => 'quay/day', 'tries' => 3])
        ->and(SavedDefaults::asksGroup($teacher->fresh()))->toBeTrue();
    $this->get("/games/{$this->game->id}/runs/new")->assertSee('name="asks_group" value="1" checked', false);
    $this->post("/games/{$this->game->id}/runs", ['label' => '7B']);
    $this->get("/games/{$this->game->id}/runs/new")->assertDontSee('name="asks_group" value="1" checked', false);
});

it('stands the backdrop behind every scene that is built', function (): void {
    PatternCases::building($this, ['with' => ['questions' => ROWS], 'usual' => ['backdrop' => 'set-quay']])->assertOk();

    expect(array_column(array_column($this->game->fresh()->read()->document['scenes'], 'backdrop'), 'asset'))
        ->toBe(['set-quay', 'set-quay', 'set-quay']);
});

it('says before a run is opened what was begun and left', function (): void {
    $document = Blank::game('New', ['scene' => 'One', 'hello' => (string) __('made.blank.hello')]);
    $document['scenes'][] = ['id' => 'two', 'title' => 'Two', 'layout' => 'page', 'things' => []];
    $this->game->update(['document' => json_encode($document)]);

    $this->get("/games/{$this->game->id}/runs/new")->assertSee('to mend before students play')
        ->assertSee('still has the words that it was made with')->assertSee('There is nothing in “Two” yet');
});

it('says which fields are too long to be said in every scene, and builds nothing', function (array $with): void {
    foreach (['', '/preview'] as $path) {
        PatternCases::building($this, ['pattern' => 'gauntlet', 'with' => $with + ['questions' => ROWS]], $path)
            ->assertUnprocessable()
            ->assertJsonFragment([
                'message' => __('patterns.long', ['max' => strlen(reset($with)) > 1000 ? 20000 : 300]),
            ]);
    }
    expect($this->game->fresh()->revision)->toBe(1);
})->with([
    'a title' => [['title' => str_repeat('x', 301)]],
    'words at the beginning' => [['intro' => str_repeat('x', 20_001)]],
]);

it('puts a picture where a row says the name of its file', function (): void {
    $pictures = "Puffin\tpuffin-a\ncommon  tern\ttern-b";
    $rows = "Nests low\tCommon Tern\nNests deep\tpuffin\nNests high\tGannet\nlacks a box\t";
    PatternCases::building($this, ['pattern' => 'find', 'with' => ['finds' => $rows, 'pictures' => $pictures]])
        ->assertOk();
    $board = $this->game->fresh()->read()->document['scenes'][0]['things'][0];

    expect(array_map(static fn (array $box): array => [$box['ask'], $box['md'], $box['asset'] ?? ''], $board['boxes']))
        ->toBe([['Nests low', '', 'tern-b'], ['Nests deep', '', 'puffin-a'], ['Nests high', 'Gannet', '']])
        ->and([$board['mixed'], $board['found']])->toBe(['prompts', 'marked'])->and($board['start'])->not->toBe('');
    PatternCases::building($this, ['pattern' => 'reveal', 'with' => ['cards' => "Puffin\tb", 'pictures' => $pictures]]);
    $fronts = array_map(
        static fn (array $scene): mixed => $scene['things'][0]['front'] ?? null,
        $this->game->fresh()->read()->document['scenes'],
    );
    expect(array_column(array_filter($fronts), 'asset'))->toBe(['puffin-a']);
});

<?php

use App\Models\User;
use App\Report\Report;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Tests\Support\Classroom;
use Tests\Support\Engine\PatternCases;
use Tests\Support\Feature\PlayCases;

/** A run of a quiz of two outcomes and two questions, with ties settled so. */
function quizRun(string $ties): App\Models\Run
{
    $document = Build::alone(Patterns::named('quiz'), new Content([
        'outcomes' => "Keeper\tYou stay.\nPilot\tYou know the way.",
        'quizQuestions' => "What do you pack?\ta lantern\ta compass\nA storm comes.\tstay\tsteer", 'ties' => $ties,
    ], 'en'), PatternCases::patternWords('words'), new TeacherDefaults());

    return Classroom::open($document ?? []);
}

it('tells who came out as what, and how many chose which option', function (
    string $ties, array $picks, string $outcome,
): void {
    $run = $this->run = quizRun($ties);
    $document = $run->game->read()->document;
    $locks = array_map(static fn (array $scene): array => $scene['things'][0], array_slice($document['scenes'], 0, 2));
    $this->play = Classroom::join($run, 'Mia');
    foreach ($locks as $place => $lock) {
        $option = $lock['input']['options'][$picks[$place]]['id'];
        PlayCases::act($this, [
            'verb' => 'answer', 'on' => Classroom::id($lock['id']), 'with' => Classroom::id($option),
        ]);
    }
    $this->actingAs($run->game->user);

    $this->get("/runs/{$run->id}/report")->assertOk()->assertSeeInOrder(['Who came out where', $outcome, 'Mia'])
        ->assertSee('a lantern')->assertDontSee('at first try 100')->assertDontSee('Easy');
    $this->get("/runs/{$run->id}")->assertOk()->assertSee($outcome);
    expect((string) $this->get("/runs/{$run->id}/report.csv")->streamedContent())->toContain($outcome)
        ->and((string) $this->get("/runs/{$run->id}/choices.csv")->streamedContent())->toContain('a lantern');
    $paper = view('runs.report-pdf', ['run' => $run, 'report' => Report::of($run), 'style' => ''])->render();
    expect(preg_replace('/\s+/', ' ', strip_tags($paper)))->toContain('a lantern')->not->toContain('at first try')
        ->toContain("Who came out where {$outcome} 1. Mia");
    $this->flushSession();
    $this->actingAs(User::factory()->create())->get("/runs/{$run->id}/choices.csv")->assertForbidden();
})->with([
    'an ending each' => ['earlier', [1, 1], 'Pilot'],
    'one ending that says which' => ['each', [0, 0], 'Keeper'],
]);

it('builds weights, deciding options, pictures and a ranking from the rows of a quiz', function (): void {
    $document = Build::alone(Patterns::named('quiz'), new Content([
        'outcomes' => "Keeper\tYou stay.\nPilot\tYou know.", 'ranking' => 'yes',
        'pictures' => "keeper.png\tasset-keeper",
        'quizQuestions' => "Pack?\ta lantern +3\ta compass\nStorm.\tstay (must)\tflee (never)",
    ], 'en'), PatternCases::patternWords('words'), new TeacherDefaults()) ?? [];
    $options = static fn (int $scene): array => $document['scenes'][$scene]['things'][0]['input']['options'];
    $option = static fn (int $scene, int $place): array => $options($scene)[$place];
    $keeper = array_values(array_filter(
        $document['scenes'], static fn (array $scene): bool => $scene['title'] === 'Keeper',
    ))[0];

    expect([$option(0, 0)['md'], $option(0, 0)['do'][0]['by'], $option(0, 1)['do'][0]['by']])->toBe(['a lantern', 3, 1])
        ->and([array_key_first($option(1, 0)['do'][0]), array_key_first($option(1, 1)['do'][0])])
        ->toBe(['must', 'never'])
        ->and(array_column($keeper['things'], 'kind'))->toBe(['picture', 'standing'])
        ->and($document['scenes'][0]['things'][0]['tells'])->toBe('noted');
});

it('lets nobody read that it was right who is sent to revise', function (): void {
    $built = Build::alone(Patterns::named('practice'), new Content([
        'practice' => "One?\tright\twrong\nTwo?\tright\twrong", 'least' => '2', 'revise' => 'Look at it again.',
    ], 'en'), PatternCases::patternWords('words'), new TeacherDefaults()) ?? [];
    $this->run = Classroom::open($built);
    $this->play = Classroom::join($this->run, 'Mia');
    $locks = array_map(static fn (array $scene): array => $scene['things'][0], array_slice($built['scenes'], 0, 2));
    $answer = fn (array $lock, int $option): Illuminate\Testing\TestResponse => PlayCases::act($this, [
        'verb' => 'answer', 'on' => Classroom::id($lock['id']),
        'with' => Classroom::id($lock['input']['options'][$option]['id']),
    ]);
    $answer($locks[0], 1);
    $answer($locks[0], 0)->assertSee('Right');
    $answer($locks[1], 1);

    expect((string) $answer($locks[1], 0)->content())->not->toContain('Right')->toContain('Look at it again');
});

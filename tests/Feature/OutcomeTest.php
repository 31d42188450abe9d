<?php

use App\Models\User;
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
    expect((string) $this->get("/runs/{$run->id}/report.csv")->content())->toContain($outcome)
        ->and((string) $this->get("/runs/{$run->id}/choices.csv")->content())->toContain('a lantern');
    $this->flushSession();
    $this->actingAs(User::factory()->create())->get("/runs/{$run->id}/choices.csv")->assertForbidden();
})->with([
    'an ending each' => ['earlier', [1, 1], 'Pilot'],
    'one ending that says which' => ['each', [0, 0], 'Keeper'],
]);

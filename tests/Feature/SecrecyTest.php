<?php

use App\Models\Game;
use Database\Seeders\DemoSeeder;
use Database\Seeders\PretendStudent;
use Fravel\Document\GameDocument;
use Fravel\Document\Scene;
use Fravel\Support\Json;
use Fravel\Thing\Lock;
use Tests\Support\Classroom;

/**
 * Words of the game that a student must not have yet, with where they stand.
 *
 * @param  list<string>  $reached  scenes
 * @param  array<string, int>  $hinted  lock → hints asked for
 * @return array<string, string>
 */
function secrets(GameDocument $game, array $reached, array $hinted): array
{
    $secrets = [];
    foreach ($game->scenes() as $scene) {
        if (! in_array($scene->id, $reached, true)) {
            $secrets += textsOf($scene);
        }
        foreach ($scene->things as $thing) {
            if ($thing instanceof Lock) {
                foreach (array_slice($thing->hints, $hinted[$thing->id] ?? 0) as $hint) {
                    $secrets[$hint->md] = "hint of {$thing->id}";
                }
            }
        }
    }

    return $secrets;
}

/** @return array<string, string> */
function textsOf(Scene $scene): array
{
    $texts = [];
    foreach ($scene->things as $thing) {
        foreach (['md', 'ask'] as $field) {
            if (is_string($thing->{$field} ?? null) && ! str_contains($thing->{$field}, '*') && $thing->{$field} !== '') {
                $texts[strtok($thing->{$field}, "\n")] = "{$field} of {$thing->id}";
            }
        }
    }

    return $texts;
}

it('lets no answer, rule, unreached scene or unasked hint out while the whole demo game is played', function (): void {
    $game = Game::factory()->create(['title' => 'The Dark Lamp', 'document' => Json::write(DemoSeeder::document('dark-lamp'))]);
    $run = app(\App\Actions\OpenRun::class)->handle($game, '7B', false);
    $play = Classroom::join($run);
    $document = GameDocument::of(Json::readObject($run->edition->document));
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play));
    $way = new ReflectionClass(PretendStudent::class);
    $answers = $way->getConstant('ANSWERS');
    $sent = '';
    foreach (['', ...$way->getConstant('WAY')] as $step) {
        $fields = match (true) {
            $step === '' => null,
            $step === '@back' => ['verb' => 'back'],
            isset($answers[$step]) => ['verb' => 'answer', 'on' => $step, 'with' => $answers[$step][0]],
            default => ['verb' => 'choose', 'on' => $step],
        };
        if (isset($answers[$step])) {
            $wrong = (string) $this->post("/p/{$run->code}", Classroom::form($play, ['with' => 'zzz'] + $fields), ['Accept' => 'application/json'])->getContent();
            expect($wrong)->not->toContain('"match"')->not->toContain('"rules"');
        }
        $replies = [(string) ($fields === null ? '' : $this->post("/p/{$run->code}", Classroom::form($play, $fields), ['Accept' => 'application/json'])->assertOk()->getContent()), (string) $this->get("/p/{$run->code}")->getContent()];
        $state = $play->fresh()->read();
        foreach ($replies as $reply) {
            $text = html_entity_decode(str_replace(['\u003C', '\u003E', '\/', '\"'], ['<', '>', '/', '"'], $reply), ENT_QUOTES);
            foreach (secrets($document, array_unique([...$state->visited, $state->scene]), $state->hinted) as $secret => $where) {
                expect(str_contains($text, $secret))->toBeFalse("“{$secret}”, {$where}, was sent at {$step}");
            }
            foreach (secretAnswers($document, $state->scene, $state->open) as $answer) {
                // As a word of its own: digits of a file's name or a form's key are no answer.
                expect(preg_match('/(?<!\w)'.preg_quote($answer, '/').'(?!\w)/u', $text))->toBe(0, "the answer {$answer} was sent at {$step}");
            }
        }
        $sent .= implode('', $replies);
    }
    expect($play->fresh()->read()->ended)->toBe('won')
        ->and($sent)->not->toContain('"otherwise"')->not->toContain('equals');
    assetsHoldNone($document);
});

/**
 * Accepted answers of the present scene's shut locks that stand nowhere in what the student may read.
 *
 * @param  list<string>  $open
 * @return list<string>
 */
function secretAnswers(GameDocument $game, string $sceneId, array $open): array
{
    $answers = [];
    foreach ($game->scene($sceneId)->things as $thing) {
        if ($thing instanceof Lock && ! in_array($thing->id, $open, true)) {
            foreach ($thing->rules as $rule) {
                array_push($answers, ...($rule->match->texts ?? []));
            }
        }
    }

    return array_values(array_filter($answers, static fn (string $answer): bool => strlen($answer) > 3 && ! in_array($answer, ['0917', '2142', '0302'], true)));
}

/** The scripts and styles that are shipped, and the drawn backdrops, name no answer. */
function assetsHoldNone(GameDocument $game): void
{
    $shipped = implode('', array_map(file_get_contents(...), [...glob(public_path('build/assets/*.{js,css}'), GLOB_BRACE) ?: [], ...glob(database_path('demo/dark-lamp/assets/*.svg')) ?: []]));
    expect(strlen($shipped))->toBeGreaterThan(10_000);
    foreach (['spring tide', 'refraction', '0917', 'lens-gather', 'side-star'] as $answer) {
        expect(str_contains($shipped, $answer))->toBeFalse("{$answer} stands in what is shipped");
    }
}

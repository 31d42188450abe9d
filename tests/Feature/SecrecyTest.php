<?php

use App\Models\Game;
use Database\Seeders\DemoSeeder;
use Fravel\Document\GameDocument;
use Fravel\Support\Json;
use Tests\Support\Classroom;
use Tests\Support\Feature\SecrecyCases;
use Tests\Support\LampWay;

it('lets no answer, rule, unreached scene or unasked hint out while the whole demo game is played', function (): void {
    $game = Game::factory()
        ->create(['title' => 'The Dark Lamp', 'document' => Json::write(DemoSeeder::document('dark-lamp'))]);
    $run = app(\App\Actions\OpenRun::class)->handle($game, '7B', false);
    $play = Classroom::join($run);
    $document = GameDocument::of(Json::readObject($run->edition->document));
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play));
    $answers = LampWay::ANSWERS;
    $sent = '';
    foreach (['', ...LampWay::WAY] as $step) {
        $fields = match (true) {
            $step === '' => null,
            $step === '@back' => ['verb' => 'back'],
            isset($answers[$step]) => ['verb' => 'answer', 'on' => $step, 'with' => $answers[$step][0]],
            default => ['verb' => 'choose', 'on' => $step],
        };
        if (isset($answers[$step])) {
            $wrong = (string) $this->post(
                "/p/{$run->code}", Classroom::form($play, ['with' => 'zzz'] + $fields),
                ['Accept' => 'application/json'],
            )->getContent();
            expect($wrong)->not->toContain('"match"')->not->toContain('"rules"');
        }
        $replies = [
            (string) (
                $fields === null ? '' : $this->post(
                    "/p/{$run->code}", Classroom::form($play, $fields), ['Accept' => 'application/json'],
                )
                    ->assertOk()->getContent()
            ),
            (string) $this->get("/p/{$run->code}")->getContent(),
        ];
        $state = $play->fresh()->read();
        foreach ($replies as $reply) {
            // The two words of a play are drawn, and may be an answer by chance.
            $text = html_entity_decode(
                str_replace(
                    ['\u003C', '\u003E', '\/', '\"'], ['<', '>', '/', '"'],
                    str_replace($play->rejoin_words, '', $reply),
                ),
                ENT_QUOTES,
            );
            foreach (
                SecrecyCases::secrets(
                    $document, array_unique([...$state->visited, $state->scene]), $state->hinted,
                ) as $secret => $where
            ) {
                expect(str_contains($text, $secret))->toBeFalse("“{$secret}”, {$where}, was sent at {$step}");
            }
            foreach (SecrecyCases::secretAnswers($document, $state->scene, $state->open) as $answer) {
                // As a word of its own: digits of a file's name or a form's key are no answer.
                expect(preg_match('/(?<!\w)'.preg_quote($answer, '/').'(?!\w)/u', $text))
                    ->toBe(0, "the answer {$answer} was sent at {$step}");
            }
        }
        $sent .= implode('', $replies);
    }
    expect($play->fresh()->read()->ended)->toBe('won')
        ->and($sent)->not->toContain('"otherwise"')->not->toContain('equals');
    SecrecyCases::assetsHoldNone($document);
});

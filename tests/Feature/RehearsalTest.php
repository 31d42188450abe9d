<?php

use App\Models\Game;
use Tests\Support\Feature\RehearsalCases;

it('says which rule caught an answer, what is held and why a thing is hidden', function (): void {
    $game = RehearsalCases::doorGame();
    $this->get("/games/{$game->id}/rehearsal?from=hall");
    $this->get("/games/{$game->id}/rehearsal")->assertSee('The box')
        ->assertSee('shown when the student holds Iron key');
    RehearsalCases::rehearse($game, ['verb' => 'answer', 'on' => 'door', 'with' => 'wick'])
        ->assertSee('No rule of “Door” fits');
    $this->post("/games/{$game->id}/rehearsal/begin", ['from' => 'hall', 'unguarded' => '1']);
    RehearsalCases::rehearse($game, ['verb' => 'answer', 'on' => 'door', 'with' => 'wick']);
    RehearsalCases::rehearse($game, ['verb' => 'answer', 'on' => 'door', 'with' => 'lamp'])
        ->assertSee('Rule 1 of “Door”: opens')->assertSee('Iron key');
});

it('begins from any scene with chosen tokens and tallies', function (): void {
    $game = RehearsalCases::doorGame();
    $this->post(
        "/games/{$game->id}/rehearsal/begin",
        ['from' => 'hall', 'holding' => ['key', 'none'], 'tallies' => ['points' => '7', 'other' => 'x']],
    );

    $this->get("/games/{$game->id}/rehearsal")->assertSee('Iron key')->assertSee('7')->assertDontSee('shown when');
});

it('plays as whoever is named, such as a team', function (): void {
    $game = RehearsalCases::doorGame();
    $this->postJson(
        "/games/{$game->id}/edits",
        [
            'base' => 1, 'label' => 'greeting',
            'command' => ['set' => 'door', 'field' => 'ask', 'to' => 'Well, {=player}?'],
        ],
    )->assertOk();
    $this->followingRedirects()->post("/games/{$game->id}/rehearsal/begin", ['from' => 'hall', 'player' => 'The Terns'])
        ->assertSee('Well, The Terns?');
    $this->followingRedirects()->post("/games/{$game->id}/rehearsal/begin", ['from' => 'hall', 'player' => ''])
        ->assertSee('Well, '.__('play.you').'?');
});

it('keeps a walkthrough with the game, walks it step by step, and finds where it parts after '
    .'an edit', function (): void {
        $game = RehearsalCases::doorGame();
        $this->get("/games/{$game->id}/rehearsal?from=hall");
        RehearsalCases::rehearse($game, ['verb' => 'answer', 'on' => 'door', 'with' => 'lamp']);
        RehearsalCases::rehearse($game, ['verb' => 'choose', 'on' => 'out']);
        $this->followingRedirects()->post("/games/{$game->id}/rehearsal/keep", ['name' => 'The short way'])
            ->assertSee('2 steps');
        $kept = json_decode($game->refresh()->document, true)['walkthroughs'][0];
        expect(array_column($kept['steps'], 'at'))->toBe(['room', 'end'])
            ->and(
                $this->getJson("/games/{$game->id}/findings")->json('findings.*.code')
            )->not->toContain('walkthrough.parts');

        $this->post("/games/{$game->id}/rehearsal/walk", ['walkthrough' => $kept['id']]);
        $this->get("/games/{$game->id}/rehearsal")->assertSee('answer “lamp” to “Door”');
        $this->followingRedirects()->post("/games/{$game->id}/rehearsal/step")->assertSee('tap “Out”')
            ->assertSee('Room');
        $this->postJson(
            "/games/{$game->id}/edits",
            [
                'base' => $game->revision, 'label' => 'out leads back',
                'command' => ['set' => 'out', 'field' => 'react', 'to' => [['go' => 'hall']]],
            ],
        )->assertOk();
        $found = collect($this->getJson("/games/{$game->id}/findings")->json('findings'))
            ->firstWhere('code', 'walkthrough.parts');
        expect($found['words'])
            ->toBe('The walkthrough “The short way” no longer holds: step 2 led to “End”, now it ends at “Hall”.')
            ->and($found['actions'])->toHaveCount(2);

        $this->post("/games/{$game->id}/undo", ['base' => 9]);
        expect(
            $this->getJson("/games/{$game->id}/findings")->json('findings.*.code'),
        )->not->toContain('walkthrough.parts');
        $this->post("/games/{$game->id}/rehearsal/forget", ['walkthrough' => $kept['id']]);
        expect(json_decode($game->refresh()->document, true)['walkthroughs'])->toBe([]);
    });

it('walks into what was found, and lets nobody else', function (): void {
    $game = RehearsalCases::doorGame();
    $this->postJson(
        "/games/{$game->id}/edits",
        [
            'base' => 1, 'label' => 'trap',
            'command' => [
                'together' => [
                    ['set' => 'out', 'field' => 'react', 'to' => [['go' => '@stay']]],
                    [
                        'insert' => 'things', 'in' => 'hall', 'after' => 'box',
                        'value' => ['id' => 'side', 'kind' => 'choice', 'md' => 'Side', 'react' => [['go' => 'end']]],
                    ],
                ],
            ],
        ],
    );
    $findings = $this->getJson("/games/{$game->id}/findings")->json('findings');
    $place = array_search('play.trap', array_column($findings, 'code'), true);
    expect($place)->not->toBeFalse();
    $this->post("/games/{$game->id}/rehearsal/walk", ['finding' => $place]);
    $this->followingRedirects()->post("/games/{$game->id}/rehearsal/step", ['count' => 500])->assertSee('Room');
    $this->flushSession();
    $this->actingAs(Game::factory()->create()->user)->post("/games/{$game->id}/rehearsal/keep", ['name' => 'x'])
        ->assertForbidden();
});

it('goes on from the start when the scene it was in is deleted', function (): void {
    $game = RehearsalCases::doorGame();
    $this->get("/games/{$game->id}/rehearsal?from=room");
    $this->get("/games/{$game->id}/rehearsal")->assertSee('Out');
    $this->postJson(
        "/games/{$game->id}/edits",
        ['base' => 1, 'label' => 'gone', 'command' => ['deleteScene' => 'room', 'lead' => 'end']],
    )->assertOk();

    $this->get("/games/{$game->id}/rehearsal")->assertOk()->assertSee('Say the word');
});

it('takes nothing malformed amiss', function (string $path, array $fields): void {
    $game = RehearsalCases::doorGame();
    $this->followingRedirects()->post("/games/{$game->id}/rehearsal/{$path}", $fields)->assertOk()
        ->assertSee('Say the word');
})->with([
    'begin nowhere' => ['begin', ['from' => 'attic']],
    'begin with lists and words' => ['begin', ['from' => ['hall'], 'holding' => 'key', 'tallies' => 'many']],
    'tokens that are lists' => ['begin', ['from' => 'hall', 'holding' => [['key'], 'nothing']]],
    'walk nothing' => ['walk', []],
    'walk what is not found' => ['walk', ['finding' => '99']],
    'walk a walkthrough that is gone' => ['walk', ['walkthrough' => 'walk-gone']],
    'step without steps' => ['step', ['count' => '3']],
    'step a list' => ['step', ['count' => ['x']]],
    'keep nothing' => ['keep', ['name' => 'Way']],
    'keep with a list for a name' => ['keep', ['name' => ['x']]],
    'forget what is gone' => ['forget', ['walkthrough' => 'gone']],
]);

it('lets no step of a walkthrough out to students', function (): void {
    $game = RehearsalCases::doorGame();
    $document = json_decode($game->document, true);
    $document['walkthroughs'] = [[
        'id' => 'walk', 'name' => 'Secret way', 'steps' => [['answer' => 'door', 'with' => 'lamp', 'at' => 'room']],
    ]];
    $game->update(['document' => json_encode($document)]);
    $run = app(App\Actions\OpenRun::class)->handle($game, '7B', false);
    $play = Tests\Support\Classroom::join($run);
    auth()->logout();
    $this->withUnencryptedCookie('fravel_play', Tests\Support\Classroom::ticket($play));

    expect(
        (string) $this->get("/p/{$run->code}")->assertSee('Say the word')->getContent(),
    )->not->toContain('Secret way')->not->toContain('lamp"')->not->toContain('walkthrough');
});

it('keeps a way that began with numbers beyond all bounds or texts beyond reason', function (): void {
    $game = RehearsalCases::doorGame();
    $this->post(
        "/games/{$game->id}/rehearsal/begin",
        ['from' => 'hall', 'tallies' => ['points' => '1e999'], 'player' => str_repeat('p', 100_000)],
    );
    RehearsalCases::rehearse($game, ['verb' => 'answer', 'on' => 'door', 'with' => 'lamp'])->assertOk();
    $this->followingRedirects()->post("/games/{$game->id}/rehearsal/keep", ['name' => str_repeat('n', 100_000)])
        ->assertOk()->assertSee('one step');

    expect(json_decode($game->refresh()->document, true)['walkthroughs'][0]['tallies'])->toBe(['points' => 0]);
});

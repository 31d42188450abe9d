<?php

use Fravel\Document\GameDocument;
use Fravel\Edit\Commands;
use Fravel\Edit\Edited;
use Fravel\Edit\Recaps;
use Fravel\Support\Json;
use Tests\Support\Games;

/** @param  array<string, mixed>  $more  of the recap */
function withRecap(array $more = []): GameDocument
{
    $asking = Games::lock('r', 'gull', ['ask' => 'What opens q?']);
    $recap = ['if' => ['not' => ['firstTry' => ['q'], 'atLeast' => 1]], ...$asking, ...$more];

    return Games::of([
        ['id' => 'a', 'things' => [Games::lock('q', 'gull')]],
        ['id' => 'b', 'things' => [$recap, Games::lock('other', 'gull')]],
    ]);
}

/** @param  array<string, mixed>  $sent */
function edited(GameDocument $game, array $sent): Edited
{
    $command = Recaps::followed(Commands::read($sent, $game), $game);
    expect(Commands::read($command->toArray(), $game)?->toArray())->toEqual($command->toArray());

    return $command->apply($game);
}

/** @return array<string, string> what opens each lock */
function openedBy(GameDocument $game): array
{
    $locks = array_merge(...array_column($game->document['scenes'], 'things'));

    return array_map(
        static fn (array $rules): string => implode(' ', (array) $rules[0]['match']['equals']),
        array_column($locks, 'rules', 'id'),
    );
}

const TERN = [['match' => ['equals' => 'tern'], 'verdict' => 'open', 'say' => 'Mine.']];

it('changes a question and what asks it again in one gesture', function (string $changed): void {
    $game = withRecap(['rules' => [['match' => ['equals' => ['gull']], 'verdict' => 'open', 'say' => 'Yours.']]]);
    $edited = edited($game, ['set' => $changed, 'field' => 'rules', 'to' => TERN]);

    expect(openedBy($edited->game))->toBe(['q' => 'tern', 'r' => 'tern', 'other' => 'gull'])
        ->and($edited->game->document['scenes'][1]['things'][0]['rules'][0]['say'] ?? null)
        ->toBe($changed === 'r' ? 'Mine.' : 'Yours.')
        ->and(Json::write($edited->inverse->apply($edited->game)->game->document))->toBe(Json::write($game->document));
})->with(['q', 'r']);

it('leaves apart what was made to ask otherwise, or is no recap', function (array $recap): void {
    $edited = edited(withRecap($recap), ['set' => 'q', 'field' => 'rules', 'to' => TERN]);

    expect(openedBy($edited->game)['r'])->toBe(openedBy(withRecap($recap))['r'])
        ->and(openedBy($edited->game)['q'])->toBe('tern');
})->with([
    [['rules' => [['match' => ['equals' => 'auk'], 'verdict' => 'open']]]],
    [['if' => ['firstTry' => ['q'], 'atLeast' => 1]]],
    [['if' => ['not' => ['open' => 'q']]]],
]);

it('takes what is done to both as it is', function (): void {
    $auk = [['match' => ['equals' => 'auk'], 'verdict' => 'open']];
    $both = [
        ['set' => 'q', 'field' => 'rules', 'to' => TERN],
        ['set' => 'r', 'field' => 'rules', 'to' => $auk],
    ];

    expect(openedBy(edited(withRecap(), ['together' => $both])->game))
        ->toBe(['q' => 'tern', 'r' => 'auk', 'other' => 'gull'])
        ->and(edited(withRecap(), ['remove' => 'r'])->game->document['scenes'][1]['things'])->toHaveCount(1);
});

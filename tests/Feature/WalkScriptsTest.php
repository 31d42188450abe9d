<?php

use Fravel\Document\GameDocument;
use Fravel\Document\Schema;
use Fravel\Document\Walk;
use Fravel\Document\Ways;
use Fravel\Support\Json;
use Tests\Support\Games;
use Tests\Support\Kinds\MadeUp;
use Tests\Support\RandomGames;
use Tests\Support\Scripts;

/** @return array<string, mixed> ways of every kind out of a film room */
function filmGame(): array
{
    return Games::document([
        ['id' => 'lobby', 'chapter' => 'c', 'things' => [Games::choice('in', ['go' => 'film'])]],
        ['id' => 'film', 'chapter' => 'c', 'needs' => ['has' => 'ticket'], 'refused' => [['go' => 'booth']], 'things' => [
            ['id' => 'clip', 'kind' => 'clip', 'cues' => [['id' => 'cue', 'at' => 30, 'react' => [['go' => 'roof']], 'things' => [Games::choice('inner', ['go' => 'yard'])]]]],
            ['opened' => [['go' => 'attic']]] + Games::lock('door', 'x'),
            Games::choice('again', ['go' => '@chapter']), Games::choice('start', ['go' => '@start']), Games::choice('back', ['go' => '@back']), Games::choice('stay', ['go' => '@stay']), Games::choice('open', ['go' => '']),
        ]],
        ...array_map(static fn (string $id): array => ['id' => $id], ['booth', 'roof', 'yard', 'attic']),
    ], ['chapters' => [['id' => 'c', 'title' => 'C', 'start' => 'film']], 'tokens' => [['id' => 'ticket', 'name' => 'Ticket', 'kind' => 'item']]]);
}

/** @return list<array{string, string}> as the workshop finds them, each pair once */
function waysInScripts(array $document): array
{
    $ways = Scripts::run('workshop/ways.js', 'module.routesIn(input).map(({ from, to }) => [from, to])', $document);

    return array_values(array_unique(array_filter($ways, static fn (array $way): bool => $way[1] !== '@back'), SORT_REGULAR));
}

it('knows ways of every kind, in the workshop and on the server', function (): void {
    $expected = [['lobby', 'film'], ['film', 'booth'], ['film', 'roof'], ['film', 'yard'], ['film', 'attic'], ['film', 'film'], ['film', 'lobby']];

    expect(Ways::in(GameDocument::of(filmGame())))->toEqualCanonicalizing($expected)
        ->and(waysInScripts(filmGame()))->toEqualCanonicalizing($expected);
});

it('knows the same ways in both', function (int $seed): void {
    MadeUp::teach();
    $document = (new RandomGames($seed))->document();
    MadeUp::unlearn();

    expect(waysInScripts($document))->toEqualCanonicalizing(Ways::in(GameDocument::of($document)));
})->with(range(1, 6));

it('leads every kind of way elsewhere', function (string $to): void {
    $path = dirname(__DIR__, 2).'/resources/js/workshop';
    $after = Scripts::run('workshop/reroute.js', "(async () => { const { apply } = await import('{$path}/document.js'); return module.reroute(input.game, 'film', input.to, 'new').reduce(apply, input.game); })()", ['game' => filmGame(), 'to' => $to]);

    expect(Ways::in(GameDocument::of($after)))->toContain(['film', 'new'])->not->toContain(['film', $to]);
})->with(['booth', 'roof', 'yard', 'attic', 'film', 'lobby']);

it('has the fields of the engine’s kinds, and the schema has them too', function (): void {
    $schema = Json::readObject((string) file_get_contents(base_path('docs/format/game.schema.json')));

    expect(Scripts::run('workshop/fields-table.js', 'module.FIELDS'))->toEqual(json_decode(Json::write(Walk::table()), true))
        ->and(Json::write(Schema::filled($schema)))->toBe(Json::write($schema));
});

<?php

use Fravel\Document\GameDocument;
use Fravel\Document\Schema;
use Fravel\Document\Walk;
use Fravel\Document\Ways;
use Fravel\Support\Json;
use Tests\Support\Feature\WalkMirrorCases;
use Tests\Support\Kinds\MadeUp;
use Tests\Support\RandomGames;
use Tests\Support\Scripts;

it('knows ways of every kind, in the workshop and on the server', function (): void {
    $expected = [
        ['lobby', 'film'], ['film', 'booth'], ['film', 'roof'], ['film', 'yard'], ['film', 'attic'], ['film', 'film'],
        ['film', 'lobby'],
    ];

    expect(Ways::in(GameDocument::of(WalkMirrorCases::filmGame())))->toEqualCanonicalizing($expected)
        ->and(WalkMirrorCases::waysInScripts(WalkMirrorCases::filmGame()))->toEqualCanonicalizing($expected);
});

it('knows the same ways in both', function (int $seed): void {
    MadeUp::teach();
    $document = (new RandomGames($seed))->document();
    MadeUp::unlearn();

    expect(WalkMirrorCases::waysInScripts($document))->toEqualCanonicalizing(Ways::in(GameDocument::of($document)));
})->with(range(1, 6));

it('leads every kind of way elsewhere', function (string $to): void {
    $path = dirname(__DIR__, 2).'/resources/js/workshop';
    $after = Scripts::run(
        'workshop/editor/reroute.js',
        "(async () => {
            const { apply } = await import('{$path}/editor/document.js');
            return module.reroute(input.game, 'film', input.to, 'new').reduce(apply, input.game);
        })()",
        ['game' => WalkMirrorCases::filmGame(), 'to' => $to],
    );

    expect(Ways::in(GameDocument::of($after)))->toContain(['film', 'new'])->not->toContain(['film', $to]);
})->with(['booth', 'roof', 'yard', 'attic', 'film', 'lobby']);

it('has the fields of the engine’s kinds, and the schema has them too', function (): void {
    $schema = Json::readObject((string) file_get_contents(base_path('docs/format/game.schema.json')));

    expect(Scripts::run('workshop/editor/fields-table.js', 'module.FIELDS'))
        ->toEqual(json_decode(Json::write(Walk::table()), true))
        ->and(Json::write(Schema::filled($schema)))->toBe(Json::write($schema));
});

it('knows the same lists that hold ids', function (): void {
    $holders = (new ReflectionClass(Fravel\Document\Ids::class))->getConstant('HOLDERS');

    expect(Scripts::run('workshop/editor/ids.js', 'module.HOLDERS'))->toBe($holders);
});

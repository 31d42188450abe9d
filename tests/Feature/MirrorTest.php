<?php

use Fravel\Document\GameDocument;
use Fravel\Edit\Commands;
use Fravel\Edit\Edited;
use Fravel\Support\Json;
use Tests\Support\Feature\MirrorCases;
use Tests\Support\RandomGames;

it('is changed by the browser exactly as by the server', function (int $seed): void {
    $drawn = new RandomGames($seed);
    $document = $drawn->document();
    [$game, $taken, $inverses] = [GameDocument::of($document), [], []];
    $refused = [];
    $commands = MirrorCases::someCommands($drawn);
    foreach ($commands as $sent) {
        $edited = Commands::read($sent)?->apply($game);
        $refused[] = $edited instanceof Edited ? null : $edited?->code;
        if ($edited instanceof Edited) {
            $game = $edited->game;
            $taken[] = $sent;
            array_unshift($inverses, $edited->inverse->toArray());
        }
    }

    $asThere = MirrorCases::inBrowser($document, $commands, $inverses);

    expect(count($taken))->toBeGreaterThan(5)
        ->and($asThere['refused'])->toBe($refused)
        ->and($asThere['game'])->toBe(Json::write($game->document))
        ->and($asThere['undone'])->toBe(Json::write($document));
})->with(range(1, 12));

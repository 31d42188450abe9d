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
    foreach ([...MirrorCases::someCommands($drawn), ['remove' => 's2'], ['remove' => 's1-lid']] as $sent) {
        $edited = Commands::read($sent)?->apply($game);
        if ($edited instanceof Edited) {
            $game = $edited->game;
            $taken[] = $sent;
            array_unshift($inverses, $edited->inverse->toArray());
        }
    }

    expect(count($taken))->toBeGreaterThan(5)
        ->and(MirrorCases::inBrowser($document, $taken))->toBe(Json::write($game->document))
        ->and(MirrorCases::inBrowser($document, [...$taken, ...$inverses]))->toBe(Json::write($document));
})->with(range(1, 12));

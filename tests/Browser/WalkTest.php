<?php

use Fravel\Document\GameDocument;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Fravel\Support\Json;
use Tests\Support\Browser\PlayerCases;
use Tests\Support\Browser\Walk;
use Tests\Support\Engine\PatternCases;
use Tests\Support\Screens;

afterEach(fn () => Screens::closeAll());

it('plays a demo with all whole, in sight and in reach', function (string $demo, int $width, int $height): void {
    $game = GameDocument::of(Json::readObject((string) file_get_contents(
        dirname(__DIR__, 2)."/database/demo/{$demo}/game.json",
    )));
    $student = Screens::teacher();
    $student->go('/games?seek='.urlencode($game->title()))->press($game->title());
    [, , $id] = explode('/', $student->path());
    $student->resize($width, $height)->go("/games/{$id}/rehearsal?framed=1");

    expect(Walk::through($student, $game))->toBe([])->and($student->complaints())->toBe([]);
})->with([
    ['low-tide', 390, 844], ['who-nests-here', 390, 844], ['lamp-room-workbench', 360, 640],
    ['fog-crossing', 390, 844], ['dark-lamp', 390, 844], ['tide-words', 820, 1180],
]);

it('plays what a pattern builds with all whole, in sight and in reach', function (string $pattern, int $width): void {
    $sample = (require dirname(__DIR__, 2).'/lang/en/patterns.php')['sample'];
    $words = PatternCases::patternWords('words');
    $document = Build::alone(
        Patterns::named($pattern), new Content($sample, 'en'), $words, new TeacherDefaults(),
    );
    $lists = array_intersect_key($document, array_flip(['chapters', 'tokens', 'tallies', 'assets']));
    $student = PlayerCases::rehearsed($document['scenes'], $width, $width === 360 ? 640 : 844, array_filter($lists));

    expect(Walk::through($student, GameDocument::of($document)))->toBe([]);
})->with([
    ['ladder', 390], ['keypad', 360], ['rooms', 390], ['treasure', 360], ['picture', 390], ['mosaic', 360],
    ['reveal', 360], ['quiz', 390],
]);

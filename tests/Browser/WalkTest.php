<?php

use Fravel\Document\GameDocument;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Pattern;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Fravel\Support\Json;
use Tests\Support\Browser\PlayerCases;
use Tests\Support\Browser\Walk;
use Tests\Support\Engine\PatternCases;
use Tests\Support\Games;
use Tests\Support\Screens;

afterEach(fn () => Screens::closeAll());

it('plays a demo with all whole, in sight and in reach', function (string $demo, int $width, int $height): void {
    $game = GameDocument::of(Json::readObject((string) file_get_contents(
        dirname(__DIR__, 2)."/database/demo/{$demo}/game.json",
    )));
    $student = Screens::teacher();
    $student->go('/games?seek='.urlencode($game->title()))->press($game->title());
    $student->until(fn (): bool => str_starts_with($student->path(), '/games/'));
    [, , $id] = explode('/', $student->path());
    $student->resize($width, $height)->go("/games/{$id}/rehearsal")->script('window.isOld = true');
    $student->press('From the start')->until(fn (): bool => $student->script('return !window.isOld'));
    $student->go("/games/{$id}/rehearsal?framed=1");

    expect(Walk::through($student, $game))->toBe([])->and($student->complaints())->toBe([]);
})->with(Walk::onScreens([
    'low-tide', 'who-nests-here', 'lamp-room-workbench', 'find-the-flag', 'fog-crossing', 'dark-lamp', 'tide-words',
    'how-the-lens-turns',
]));

it('plays what a pattern builds with all whole, in sight and in reach', function (
    string $pattern, int $width, int $height,
): void {
    $sample = (require dirname(__DIR__, 2).'/lang/en/patterns.php')['sample'];
    $words = PatternCases::patternWords('words');
    $document = Build::alone(
        Patterns::named($pattern), new Content($sample, 'en'), $words, new TeacherDefaults(),
    );
    $lists = array_intersect_key($document, array_flip(['chapters', 'tokens', 'tallies', 'assets']));
    $student = PlayerCases::rehearsed($document['scenes'], $width, $height, array_filter($lists));

    expect(Walk::through($student, GameDocument::of($document)))->toBe([]);
})->with([
    ...Walk::onScreens(Walk::everyday(
        array_map(static fn (Pattern $pattern): string => $pattern->name(), Patterns::all()),
    )),
    // A stage beside the notes of a rehearsal is a fraction wider than where it would be cut.
    'a fraction' => ['mosaic', 1366, 625],
]);

it('keeps words of any length within the screen', function (string $layout): void {
    $word = 'Donaudampfschifffahrtsgesellschaftskapitänsmützenabzeichenverleihungsurkunde';
    $lock = static fn (string $id, array $input): array => [
        'label' => $word, 'ask' => "{$word}?", 'input' => $input, 'otherwise' => [['say' => $word]],
    ] + Games::lock($id, 'x');
    $two = static fn (string $of): array => [
        ['id' => "{$of}1", 'md' => $word], ['id' => "{$of}2", 'md' => "{$word} 2"],
    ];
    $student = PlayerCases::rehearsed([['id' => 'a', 'title' => $word, 'layout' => $layout, 'things' => [
        ['id' => 't', 'kind' => 'text', 'md' => "**{$word}** `{$word}`\n\n- {$word}\n\n| a |\n|---|\n| {$word} |"],
        $lock('words', ['type' => 'text']), $lock('one', ['type' => 'options', 'options' => $two('o')]),
        $lock('row', ['type' => 'order', 'items' => $two('i')]),
        $lock('pairs', ['type' => 'pairs', 'left' => $two('l'), 'right' => $two('r')]),
        $lock('gaps', ['type' => 'gaps', 'md' => "{$word} {g} {$word}", 'gaps' => ['g' => ['bank' => []]]]),
        ['id' => 'lid', 'kind' => 'cover', 'front' => ['md' => $word], 'back' => ['md' => $word], 'opens' => 'tap'],
        ['id' => 'link', 'kind' => 'link', 'md' => $word, 'url' => 'https://example.org/', 'label' => $word],
        ['react' => [['say' => $word, 'do' => [['give' => 'held']]]]] + Games::choice('take', []) + ['md' => $word],
    ]]], 360, 640, ['tokens' => [['id' => 'held', 'name' => $word, 'kind' => 'clue', 'md' => $word]]]);
    expect(Walk::faultsOf($student))->toBe([]);
    $student->script('document.querySelector("#thing-take form").requestSubmit()');
    $student->find('[data-token]');

    expect(array_filter(Walk::faultsOf($student), static fn (string $fault): bool => ! str_contains($fault, 'satchel')))
        ->toBe([]);
})->with(['page', 'stage']);

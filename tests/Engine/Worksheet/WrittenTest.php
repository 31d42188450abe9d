<?php

use Fravel\Worksheet\Written;
use Tests\Support\Games;

it('names the cells whose answers do not open their lock', function (string $text, array $lock, bool $opens): void {
    $game = Games::of([['id' => 'a', 'things' => [$lock + Games::lock('q', 'gull')]]]);
    $cell = ['lock' => 'q', 'text' => $text];

    expect(Written::shut($game, [$cell]))->toBe($opens ? [] : [$cell]);
})->with(function (): array {
    $opening = static fn (array $match): array => ['rules' => [['match' => $match, 'verdict' => 'open']]];
    $options = static fn (bool $many): array => ['input' => ['type' => 'options', 'many' => $many, 'options' => [
        ['id' => 'a', 'md' => 'Tern'], ['id' => 'b', 'md' => 'auk'],
    ]]];

    return [
        'as it is' => ['gull', [], true], 'another' => ['gull | tern', [], false],
        'both' => ['gull / tern', $opening(['equals' => ['gull', 'tern']]), true],
        'one answer as two' => ['3/4', $opening(['equals' => ['3', '4']]), false],
        'a sign without a pad' => ['♀', $opening(['equals' => ['♀']]), false],
        'a number' => ['−7', ['input' => ['type' => 'number']] + $opening(['number' => -7]), true],
        'another number' => ['1,5', ['input' => ['type' => 'number']] + $opening(['number' => 15]), false],
        'an option by its words' => ['tern', $options(false) + $opening(['options' => ['a']]), true],
        'the other option' => ['auk', $options(false) + $opening(['options' => ['a']]), false],
        'options with a star' => ['Tern | *auk', $options(false) + $opening(['options' => ['b']]), true],
        'several' => ['tern | auk', $options(true) + $opening(['options' => ['a', 'b']]), true],
        'empty' => ['', [], true],
    ];
});

it('leaves out what is no lock', function (): void {
    expect(Written::shut(Games::of([['id' => 'a', 'things' => []]]), [['lock' => 'q', 'text' => 'x']]))->toBe([]);
});

<?php

use App\Models\Game;
use App\Models\Run;
use App\Play\ClassList;
use Fravel\Rows\CardRows;
use Tests\Support\Classroom;

it('reads rows for a card, and says of every cell what became of it', function (): void {
    $game = Game::factory()->create();
    $this->actingAs($game->user)->postJson("/games/{$game->id}/rows", [
        'of' => 'boxes', 'rows' => "\tdecoy\nWho dives?\tgannet\tagain\nWho sings?\n\"Land!\" cried whom?\tthe mate",
    ])->assertOk()->assertJson([
        'rows' => [
            ['prompt' => '', 'box' => 'decoy'], ['prompt' => 'Who dives?', 'box' => 'gannet'],
            ['prompt' => '"Land!" cried whom?', 'box' => 'the mate'],
        ],
        'left' => 2,
    ])->assertJsonFragment(['row' => 2, 'text' => 'again', 'out' => true, 'as' => 'left out: no column is for it'])
        ->assertJsonFragment(['row' => 3, 'text' => 'Who sings?', 'out' => true]);
    $this->postJson("/games/{$game->id}/rows", ['of' => 'nothing', 'rows' => 'x'])->assertUnprocessable();
    $this->postJson("/games/{$game->id}/rows", ['of' => 'pairs', 'rows' => "\t\t"])->assertJson(['rows' => []]);
});

it('reads a first row of names of columns as that, until it is taken back', function (): void {
    $text = "Term\tMeaning\nebb\tthe sea goes out";

    expect(CardRows::taken('pairs', CardRows::read('pairs', $text)))
        ->toBe([['left' => 'ebb', 'right' => 'the sea goes out']])
        ->and(CardRows::taken('pairs', CardRows::read('pairs', $text, mayHead: false)))->toHaveCount(2);
});

it('takes a line of a list whole', function (): void {
    $lines = CardRows::taken('items', CardRows::read('items', "red; green\n1,5 | 2\nlast\tx"));

    expect(array_column($lines, 'item'))->toBe(['red; green', '1,5 | 2', 'last']);
});

it('reads a class list as it comes', function (string $typed, array $names, array $fates = []): void {
    $list = ClassList::read($typed);

    expect($list->names)->toBe($names)->and(array_column($list->told, 1))->toBe($fates)
        ->and(ClassList::read(implode("\n", $names))->names)->toBe($names);
})->with([
    'a name a line' => ["Ada\nBen\n\nOna-Lu O’Hara", ['Ada', 'Ben', 'Ona-Lu O’Hara']],
    'in one line' => ['Ada, Ben; Cem', ['Ada', 'Ben', 'Cem']],
    'in one line of another script' => ['عمر، ليلى', ['عمر', 'ليلى']],
    'lines of names' => ["Ada, Ben, Cem\nDora, Emil", ['Ada', 'Ben', 'Cem', 'Dora', 'Emil']],
    'last names first' => ["Kowal, Ada\nLund, Ben", ['Ada Kowal', 'Ben Lund']],
    'last names first, in a file' => ["Kowal,Ada\nLund,Ben", ['Ada Kowal', 'Ben Lund']],
    'a table with a heading' => ["Vorname\tName\tKlasse\nAda\tKowal\t7b", ['Ada Kowal'], ['beyond']],
    'a counted table' => ["1\tKowal\tAda\n2\tLund\tBen", ['Ada Kowal', 'Ben Lund']],
    'a counted list' => ["1. Ada\n2. Ben", ['Ada', 'Ben']],
    'twice, with signs, or none' => [
        "Ada (2)\nBen\nBEN\n@@@", ['Ada 2', 'Ben'], ['changed', 'twice', 'beyond'],
    ],
]);

it('tells the teacher what of the list is not taken as it stands', function (): void {
    $run = Classroom::open();
    $this->actingAs($run->game->user)->followingRedirects()
        ->post("/runs/{$run->id}/settings", ['names' => "Ada (2)\nBen\nben", 'groups' => "7b\n7c"])
        ->assertSee('“Ada (2)” is kept as “Ada 2”. “ben” stands there twice and counts once.');
    expect($run->fresh())->names->toBe(['Ada 2', 'Ben'])->groups->toBe(['7b', '7c']);
    $this->followingRedirects()->post("/games/{$run->game_id}/runs", ['names' => "Ada\nada"])
        ->assertSee('stands there twice');
    expect(Run::query()->latest('id')->first()->names)->toBe(['Ada']);
});

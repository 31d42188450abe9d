<?php

use App\Models\Game;
use App\Models\User;
use Illuminate\Http\UploadedFile;

beforeEach(fn () => $this->actingAs(User::factory()->create()));

it('shows what was understood, builds it, and leaves out what is not ticked', function (): void {
    $text = "Question\tAnswer\nWhich bird?\tgannet / solan goose\nWhich bird?\tgannet\nHow far?\t2 km";
    $this->post('/games/new/worksheet', ['text' => $text])
        ->assertOk()
        ->assertSee('3 rows')
        ->assertSee('asks the same as row 2')
        ->assertSee('solan goose');
    $row = [
        'question' => 'Which bird?', 'answers' => "gannet\nsolan goose", 'kind' => 'text', 'feedback' => 'It dives.',
        'room' => 'Cliff', 'number' => 2,
    ];
    $this->post(
        '/games/new/worksheet/build',
        ['title' => 'Birds', 'rows' => [['taken' => '1'] + $row, ['question' => 'Left out'] + $row]],
    )
        ->assertRedirect();
    $game = Game::query()->sole();
    expect($game->title)->toBe('Birds')
        ->and($game->read()->sceneIds())->toHaveCount(2)
        ->and($game->document)->toContain('It dives.')->not->toContain('Left out');
});

it('says what it can’t read and keeps what was typed', function (array $fields, string $problem): void {
    $this->post('/games/new/worksheet', $fields)
        ->assertOk()
        ->assertSee('role="alert">'.e(__("worksheet.problem.{$problem}")), false);
    expect(Game::query()->count())->toBe(0);
})->with([
    'nothing' => [['text' => '  '], 'empty'],
    'a workbook' => fn () => [
        ['file' => UploadedFile::fake()->createWithContent('rows.csv', "PK\x03\x04rest")], 'workbook',
    ],
    'a picture' => fn () => [
        ['file' => UploadedFile::fake()->createWithContent('rows.csv', "\x89PNG\0\0\0")], 'binary',
    ],
    'five megabytes' => fn () => [['text' => str_repeat("question\tanswer\n", 330_000)], 'long'],
]);

it('keeps the rows as corrected when none of them can be built', function (): void {
    $this->post(
        '/games/new/worksheet/build',
        [
            'text' => 'Q',
            'rows' => [['question' => 'Corrected question', 'answers' => '', 'kind' => 'text', 'taken' => '1']],
        ],
    )
        ->assertOk()->assertSee(__('worksheet.problem.nothing'))->assertSee('Corrected question');
});

it('offers words for every way a worksheet can be too much', function (): void {
    $this->get('/games/new/worksheet')
        ->assertOk()
        ->assertSee(__('worksheet.problem.much'))
        ->assertSee(__('worksheet.problem.long'));
});

it('lets the separator be chosen', function (): void {
    $this->post('/games/new/worksheet', ['text' => 'Which, of these?;green', 'separator' => ';'])
        ->assertSee('parted by semicolons')
        ->assertSee('Which, of these?');
});

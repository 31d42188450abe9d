<?php

use App\Models\Game;
use Fravel\Support\Json;
use Illuminate\Http\UploadedFile;
use Tests\Support\Games;

it('makes a mosaic of a picture, the same each time, and says how well it keeps its secret', function (): void {
    $game = Game::factory()->create();
    $image = imagecreatetruecolor(64, 48);
    imagefilledrectangle($image, 0, 0, 63, 47, (int) imagecolorallocate($image, 185, 214, 216));
    imagefilledrectangle($image, 16, 12, 47, 35, (int) imagecolorallocate($image, 207, 46, 46));
    ob_start();
    imagepng($image);
    $bytes = (string) ob_get_clean();
    $this->actingAs($game->user);
    $ask = fn (string $sent, array $shares = [1, 1, 2]) => $this->post("/games/{$game->id}/mosaic", [
        'image' => UploadedFile::fake()->createWithContent('picture.png', $sent), 'columns' => 16, 'rows' => 12,
        'colours' => 4, 'spread' => 'bands', 'seed' => 2, 'shares' => $shares,
    ], ['Accept' => 'application/json']);
    $made = $ask($bytes)->assertOk()->json();

    expect(strlen($made['cells']))->toBe(192)->and($made['palette'])->toContain('#cf2e2e')->toContain('#b9d6d8')
        ->and(array_count_values($made['owners']))->toBe([48, 48, 96])->and($made['order'])->toHaveCount(3)
        ->and($ask($bytes)->json())->toBe($made);
    expect(array_count_values($ask($bytes, ['5000', 1000, -3, []])->json('owners'))[1])->toBe(96);
    $ask('no picture')->assertStatus(422)->assertJsonStructure(['refusal']);
    $large = imagecreatetruecolor(4001, 4000);
    ob_start();
    imagepng($large);
    $ask((string) ob_get_clean())->assertStatus(422)->assertJsonStructure(['refusal']);
});

it('brings a hidden picture and a board to paper', function (): void {
    $mosaic = [
        'id' => 'm', 'kind' => 'mosaic', 'columns' => 2, 'rows' => 2, 'palette' => ['#cf2e2e', '"><b>'],
        'cells' => 'abbz', 'spread' => 'bands', 'by' => [['lock' => 'door'], ['lock' => 'gate']],
    ];
    $find = ['id' => 'f', 'kind' => 'find', 'boxes' => [['id' => 'b', 'ask' => 'It nests low', 'md' => 'the tern']]];
    $cover = ['id' => 'c', 'kind' => 'cover', 'front' => ['md' => 'Ebb'], 'back' => ['md' => 'out it goes']];
    $game = Game::factory()->create(['document' => Json::write(Games::document([
        ['id' => 'a', 'things' => [$mosaic, Games::lock('door', 'gannet'), Games::lock('gate', 'puffin'), $cover]],
        ['id' => 'b', 'things' => [$find]],
    ]))]);
    $this->actingAs($game->user);

    $this->get("/games/{$game->id}/mosaic/m")->assertOk()
        ->assertSeeInOrder(['1a', '1b', '2b', '2z', 'What opens door?', 'gannet', 'puffin']);
    $this->get("/games/{$game->id}/mosaic/m/picture.svg")->assertOk()->assertSee('fill="#cf2e2e" d="M0 0h1', false)
        ->assertDontSee('<b>', false);
    $png = imagecreatefromstring((string) $this->get("/games/{$game->id}/mosaic/m/picture.png")->assertOk()->content());
    expect([imagesx($png), imagesy($png), imagecolorat($png, 959, 959), imagecolorat($png, 960, 959)])
        ->toBe([1920, 1920, 0xCF2E2E, 0])->and(imagecolorat($png, 960, 960))->toBe(0xFFFFFF);
    $this->get("/games/{$game->id}/mosaic/m/picture.gif")->assertNotFound();
    $this->get("/games/{$game->id}/mosaic/none")->assertNotFound();
    $this->get("/games/{$game->id}/cards")->assertOk()
        ->assertSeeInOrder(['Ebb', 'out it goes', 'It nests low', 'the tern']);
});

<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use App\Models\Game;

/** What PictureTest is about: games, and ways to ask. */
final class PictureCases
{
    /** @return array{status: int, body: array<string, mixed>} what comes of bringing these fields */
    public static function brought(array $fields, ?Game $game = null): array
    {
        $game ??= Game::factory()->create();
        test()->flushSession();
        $reply = test()->actingAs($game->user)->postJson("/games/{$game->id}/pictures", $fields);

        return ['status' => $reply->status(), 'body' => $reply->json()];
    }

    /** A photograph that says how it is to be turned, as telephones write them: 60 × 20 pixels, lying on its side. */
    public static function sidewaysPhotograph(): string
    {
        $image = imagecreatetruecolor(60, 20);
        ob_start();
        imagejpeg($image);
        $exif = "Exif\0\0II*\0\x08\0\0\0\x01\0\x12\x01\x03\0\x01\0\0\0\x06\0\0\0\0\0\0\0";

        return substr_replace((string) ob_get_clean(), "\xFF\xE1".pack('n', strlen($exif) + 2).$exif, 2, 0);
    }
}

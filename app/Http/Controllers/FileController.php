<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Storage\GameFiles;
use Illuminate\Http\Response;

/**
 * A file of a game, under a digest of its content that only this installation makes: nobody guesses it, and it never
 * changes.
 */
final class FileController extends Controller
{
    private const TYPES = [
        'svg' => 'image/svg+xml',
        'png' => 'image/png',
        'jpg' => 'image/jpeg',
        'webp' => 'image/webp',
        'gif' => 'image/gif',
    ];

    public function __invoke(string $file): Response
    {
        $path = GameFiles::path($file);
        $type = self::TYPES[pathinfo($file, PATHINFO_EXTENSION)] ?? null;
        abort_unless($type !== null && is_file($path), 404);

        return response((string) file_get_contents($path), 200, [
            'Content-Type' => $type,
            'Cache-Control' => 'public, max-age=31536000, immutable',
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; sandbox",
        ]);
    }
}

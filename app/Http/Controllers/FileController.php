<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Storage\FileRange;
use App\Storage\GameFiles;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/**
 * A file of a game, under a digest of its content that only this installation makes: nobody guesses it, so only who
 * was shown it has it, and it never changes. Films and sounds are sent in short ranges, so none of them holds a worker
 * for longer than a picture does; a web server that can sends them by itself.
 */
final class FileController extends Controller
{
    private const TYPES = [
        'svg' => 'image/svg+xml',
        'png' => 'image/png',
        'jpg' => 'image/jpeg',
        'webp' => 'image/webp',
        'gif' => 'image/gif',
        'vtt' => 'text/vtt',
    ];

    private const CLIPS = [
        'webm' => 'video/webm',
        'weba' => 'audio/webm',
        'mp4' => 'video/mp4',
        'm4a' => 'audio/mp4',
        'ogg' => 'audio/ogg',
        'mp3' => 'audio/mpeg',
    ];

    private const HEADERS = [
        'Cache-Control' => 'public, max-age=31536000, immutable',
        'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; sandbox",
    ];

    public function __invoke(Request $request, string $file): Response|BinaryFileResponse
    {
        $path = GameFiles::path($file);
        $extension = pathinfo($file, PATHINFO_EXTENSION);
        $type = self::TYPES[$extension] ?? self::CLIPS[$extension] ?? null;
        abort_unless($type !== null && is_file($path), 404);
        $headers = ['Content-Type' => $type] + self::HEADERS;

        return isset(self::CLIPS[$extension])
            ? self::clip($request, $path, $headers)
            : response((string) file_get_contents($path), 200, $headers);
    }

    /** @param  array<string, string>  $headers */
    private static function clip(Request $request, string $path, array $headers): Response|BinaryFileResponse
    {
        $accel = config('fravel.accel');
        if (is_string($accel) && $accel !== '') {
            return response('', 200, ['X-Accel-Redirect' => $accel.'/'.basename($path)] + $headers);
        }
        $size = (int) filesize($path);
        $headers['Accept-Ranges'] = 'bytes';
        if (! $request->headers->has('Range')) {
            return new BinaryFileResponse($path, 200, $headers);
        }
        $range = FileRange::of((string) $request->headers->get('Range'), $size);
        if ($range === null) {
            return response('', 416, ['Content-Range' => "bytes */{$size}"] + $headers);
        }

        return response($range->read($path), 206, [
            'Content-Range' => "bytes {$range->from}-{$range->to}/{$size}",
        ] + $headers);
    }
}

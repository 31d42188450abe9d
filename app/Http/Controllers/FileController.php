<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Game;
use App\Play\Ticket;
use App\Storage\ClipAddress;
use App\Storage\FileRange;
use App\Storage\GameFiles;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/**
 * Files of games. A picture lies under a digest of its content that only this installation makes: nobody guesses it, so
 * only who was shown it has it, and it never changes. A film or a sound needs a right besides, which its address
 * carries; it is sent in short ranges, so none of them holds a worker for longer than a picture does, and a web server
 * that can sends it by itself.
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

    private const CLIPS = [
        'webm' => 'video/webm',
        'weba' => 'audio/webm',
        'mp4' => 'video/mp4',
        'm4a' => 'audio/mp4',
        'ogg' => 'audio/ogg',
        'mp3' => 'audio/mpeg',
    ];

    private const HEADERS = ['Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; sandbox"];

    private const KEPT = ['Cache-Control' => 'public, max-age=31536000, immutable'];

    /** What anybody may fetch who has the address, and what a teacher was given an address of. */
    public function __invoke(Request $request, string $file): Response|BinaryFileResponse
    {
        $type = self::TYPES[pathinfo($file, PATHINFO_EXTENSION)] ?? null;
        if ($type === null) {
            return self::clip($request, $file, '');
        }
        $path = GameFiles::path($file);
        abort_unless(is_file($path), 404);

        return response(
            (string) file_get_contents($path), 200, ['Content-Type' => $type] + self::KEPT + self::HEADERS,
        );
    }

    /** A film or a sound, for the play that has come to it. */
    public function ofPlay(Request $request, string $code, string $file): Response|BinaryFileResponse
    {
        $ticket = Ticket::of($request);
        abort_if($ticket === null, 404);

        return self::clip($request, $file, $ticket->play);
    }

    /** Leads a teacher to a film or a sound of a game. */
    public function ofGame(Game $game, string $file): RedirectResponse
    {
        return redirect(ClipAddress::forTeacher($file), 302, ['Cache-Control' => 'no-store']);
    }

    private static function clip(Request $request, string $file, string $play): Response|BinaryFileResponse
    {
        $type = self::CLIPS[pathinfo($file, PATHINFO_EXTENSION)] ?? null;
        $until = $request->query('until');
        $path = GameFiles::path($file);
        abort_unless(
            $type !== null && ClipAddress::holds($file, $play, $until, $request->query('seal')) && is_file($path), 404,
        );
        $headers = [
            'Content-Type' => $type, 'Cache-Control' => 'private, max-age='.ClipAddress::lasts((string) $until),
        ] + self::HEADERS;
        $accel = config('fravel.accel');
        if (is_string($accel) && $accel !== '') {
            return response('', 200, ['X-Accel-Redirect' => $accel.'/'.basename($path)] + $headers);
        }

        return self::part($request, $path, $headers);
    }

    /** @param  array<string, string>  $headers */
    private static function part(Request $request, string $path, array $headers): Response|BinaryFileResponse
    {
        $size = (int) filesize($path);
        $headers['Accept-Ranges'] = 'bytes';
        if (! $request->headers->has('Range')) {
            return new BinaryFileResponse($path, 200, $headers, public: false);
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

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clips\Cutting;
use App\Clips\Pieces;
use App\Models\Game;
use App\Pictures\Quota;
use App\Pictures\UnableToTakePicture;
use App\Storage\GameFiles;
use ErrorException;
use Fravel\Thing\Things;
use Illuminate\Http\JsonResponse;

/** Has a film of a game cut where it waits for students, and tells how far that is. */
final class CutController extends Controller
{
    public function show(Game $game, string $thing): JsonResponse
    {
        $standing = self::cutting($game, $thing)?->standing() ?? Cutting::NONE;

        return new JsonResponse($standing + ['isPossible' => Cutting::isPossible()]);
    }

    public function store(Game $game, string $thing): JsonResponse
    {
        $cutting = self::cutting($game, $thing);
        $refusal = match (true) {
            $cutting === null => 'clips.gone',
            ! Cutting::isPossible() => 'clips.no_tool',
            $cutting->isBusy() => 'clips.busy',
            default => null,
        };
        if ($cutting === null || $refusal !== null) {
            return new JsonResponse(['message' => (string) __((string) $refusal)], 422);
        }
        try {
            $this->admit($game, $cutting);
            $cutting->begin();
        } catch (UnableToTakePicture $failure) {
            return new JsonResponse(['message' => $failure->words()], 422);
        } catch (ErrorException) {
            return new JsonResponse(['message' => (string) __('clips.no_room')], 422);
        }

        return $this->show($game, $thing);
    }

    /** Its pieces take about as much room as the film, each time that it is cut elsewhere. */
    private function admit(Game $game, Cutting $cutting): void
    {
        if (in_array($cutting->standing()['state'], ['cut', 'cutting', 'none'], true)) {
            return;
        }
        $bytes = (int) filesize(GameFiles::path(basename($cutting->file)));
        Quota::admit($game, $bytes, isClip: true);
        Quota::count($game, $cutting->name(), $bytes);
    }

    /** Null where there is no such film, or its file is not here. */
    private static function cutting(Game $game, string $thing): ?Cutting
    {
        $document = $game->read();
        $clip = Things::clip($document->scene($document->sceneOf($thing) ?? '')->things ?? [], $thing);
        $file = $document->assets()[$clip->asset ?? '']->file ?? '';

        return $clip === null || $file === '' || ! is_file(GameFiles::path(basename($file)))
            ? null
            : new Cutting($file, Pieces::cuts($clip));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clips\Container;
use App\Clips\Incoming;
use App\Clips\UnableToTakeClip;
use App\Http\Requests\ClipRequest;
use App\Models\Game;
use App\Pictures\Quota;
use App\Pictures\UnableToTakePicture;
use App\Storage\GameFiles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;

/** Films and sounds on their way into a game: told first, then sent in pieces, and gone on with after a break. */
final class ClipController extends Controller
{
    /** Seconds for which it is known what a file that arrived became. */
    private const REMEMBERED = 3600;

    public function begin(ClipRequest $request, Game $game): JsonResponse
    {
        try {
            Incoming::admit($request->size());
            $name = Incoming::name($game, $request->size(), $request->mark());
            Quota::admit($game, $request->size(), isClip: true, incoming: $name);
            $incoming = Incoming::begin($game, $request->size(), $request->mark());

            return new JsonResponse([
                'id' => $incoming->id, 'at' => $incoming->arrived(), 'piece' => Incoming::PIECE,
            ]);
        } catch (UnableToTakeClip|UnableToTakePicture $failure) {
            return new JsonResponse(['message' => $failure->words()], 422);
        }
    }

    public function take(Request $request, Game $game, string $incoming): JsonResponse
    {
        $file = Incoming::of($game, $incoming);
        $kept = $file === null ? Cache::get(self::keptAs($game, $incoming)) : null;
        if (is_array($kept)) {
            // The last piece, sent again: its device has not heard that it arrived.
            return new JsonResponse($kept);
        }
        if ($file === null) {
            return new JsonResponse(['message' => (string) __('clips.gone')], 404);
        }
        try {
            $at = $file->take($request->getContent(), (int) $request->query('at'));

            return new JsonResponse($file->isWhole() ? $this->kept($file, $game) : ['at' => $at]);
        } catch (UnableToTakeClip|UnableToTakePicture $failure) {
            return new JsonResponse(['message' => $failure->words()], 422);
        }
    }

    /** @return array{asset: array<string, string>, seconds: float, notice: ?string} */
    private function kept(Incoming $incoming, Game $game): array
    {
        try {
            $container = Container::of($incoming->path());
            Quota::admit($game, $incoming->size, isClip: true, incoming: $incoming->id);
        } catch (UnableToTakeClip|UnableToTakePicture $failure) {
            $incoming->forget();
            throw $failure;
        }
        $file = GameFiles::take($incoming->path(), $container->extension);
        Quota::count($game, $file, $incoming->size);

        $kept = [
            'asset' => ['file' => $file, 'type' => $container->type, 'alt' => '', 'credit' => '', 'licence' => ''],
            'seconds' => $container->seconds,
            'notice' => null,
        ];
        Cache::put(self::keptAs($game, $incoming->id), $kept, self::REMEMBERED);

        return $kept;
    }

    private static function keptAs(Game $game, string $incoming): string
    {
        return "clip {$game->id} {$incoming}";
    }
}

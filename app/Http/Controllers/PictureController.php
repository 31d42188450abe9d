<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PictureRequest;
use App\Models\Game;
use App\Pictures\Collection;
use App\Pictures\Quota;
use App\Pictures\UnableToTakePicture;
use App\View\MadeSetting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Pictures on their way into a game: from the collection, made, or brought along. */
final class PictureController extends Controller
{
    public function store(PictureRequest $request, Game $game): JsonResponse
    {
        try {
            $taken = $request->taken();
            Quota::admit($game, strlen($taken->bytes));
            $kept = $taken->kept();
            Quota::count($game, $kept['asset']['file'], strlen($taken->bytes));

            return new JsonResponse($kept + ['notice' => Quota::notice($game)]);
        } catch (UnableToTakePicture $failure) {
            return new JsonResponse(['message' => $failure->words()], 422);
        }
    }

    public function setting(string $kind, string $tone): Response
    {
        abort_unless(MadeSetting::isKnown($kind, $tone), 404);

        return response(MadeSetting::svg($kind, $tone), 200, [
            'Content-Type' => 'image/svg+xml',
            'Cache-Control' => 'public, max-age=86400',
        ]);
    }
}

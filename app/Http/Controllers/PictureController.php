<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Field;
use App\Models\Game;
use App\Pictures\Collection;
use App\Pictures\Quota;
use App\Pictures\Taken;
use App\Pictures\UnableToTakePicture;
use App\Pictures\Upload;
use App\View\MadeSetting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** Pictures on their way into a game: from the collection, made, or brought along. */
final class PictureController extends Controller
{
    public function store(Request $request, Game $game): JsonResponse
    {
        try {
            $taken = self::taken($request);
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

    private static function taken(Request $request): Taken
    {
        $file = $request->file('file');
        if ($file instanceof UploadedFile) {
            return $file->isValid() ? Upload::taken($file) : throw UnableToTakePicture::ofUpload($file->getError());
        }
        [$kind, $tone] = [Field::text($request, 'setting'), Field::text($request, 'tone')];
        if (MadeSetting::isKnown($kind, $tone)) {
            return Taken::drawing(MadeSetting::svg($kind, $tone), (string) __("workshop.settings.{$kind}"));
        }

        return Collection::picture(Field::text($request, 'collection')) ?? throw UnableToTakePicture::unreadable();
    }
}

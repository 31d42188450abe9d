<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditGame;
use App\Actions\Standpoint;
use App\Http\Key;
use App\Http\Requests\PatternRequest;
use App\Models\Game;
use App\Models\User;
use App\Workshop\EditReply;
use App\Workshop\PatternPreview;
use App\Workshop\SavedDefaults;
use App\Workshop\Words;
use Fravel\Document\GameDocument;
use Fravel\Edit\Command;
use Fravel\Pattern\Build;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Builds patterns into a game, and shows beforehand what they will build. */
final class PatternController extends Controller
{
    public function preview(PatternRequest $request, Game $game): JsonResponse
    {
        return new JsonResponse(
            PatternPreview::of($request->pattern(), $request->content($game), $request->usual()) + [
                'ways' => PatternPreview::ways($game->read(), $request->behind() ?? ''),
            ],
        );
    }

    public function store(PatternRequest $request, Game $game, #[CurrentUser] User $teacher, EditGame $edit): Response
    {
        SavedDefaults::keep($teacher, (array) $request->input('usual', []));
        $pattern = $request->pattern();
        $read = static fn (GameDocument $document): ?Command => Build::into(
            $document,
            $pattern,
            $request->content($game),
            Words::ofPatterns($document->language()),
            $request->usual(),
            $request->behind(),
            way: $request->way(),
            title: $request->title(),
        );

        return EditReply::of(
            $edit->handle(
                $game->id,
                $read,
                Standpoint::at($request->integer('base')),
                Words::ofBuilding($pattern),
                Key::of($request),
            ),
        );
    }
}

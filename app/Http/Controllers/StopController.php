<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditGame;
use App\Actions\Standpoint;
use App\Http\Key;
use App\Http\Requests\StopRowsRequest;
use App\Models\Game;
use App\Workshop\EditReply;
use App\Workshop\RowsTold;
use App\Workshop\Words;
use Fravel\Document\GameDocument;
use Fravel\Edit\Command;
use Fravel\Pattern\StopRows;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Puts stops into a film that are pasted as rows, and says beforehand what becomes of each cell. */
final class StopController extends Controller
{
    public function preview(StopRowsRequest $request, Game $game): JsonResponse
    {
        return new JsonResponse(RowsTold::of(
            StopRows::account($game->read(), $request->clip(), $request->rows(), $request->mayHead()),
        ));
    }

    public function store(StopRowsRequest $request, Game $game, EditGame $edit): Response
    {
        $read = static fn (GameDocument $document): ?Command => StopRows::into(
            $document,
            $request->clip(),
            $request->rows(),
            Words::ofStops($document->language()),
            $request->mayHead(),
        );

        return EditReply::of($edit->handle(
            $game->id, $read, Standpoint::at($request->integer('base')), (string) __('films.pasteStops'),
            Key::of($request),
        ));
    }
}

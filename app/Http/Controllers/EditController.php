<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditGame;
use App\Actions\EditResult;
use App\Actions\StepHistory;
use App\Http\Field;
use App\Http\Requests\EditRequest;
use App\Models\Game;
use App\Workshop\Bench;
use App\Workshop\Findings;
use App\Workshop\Words;
use Fravel\Document\Game as Document;
use Fravel\Edit\Command;
use Fravel\Edit\Commands;
use Fravel\Support\Json;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Takes the workshop's edit commands. */
final class EditController extends Controller
{
    public function store(EditRequest $request, Game $game, EditGame $edit): Response
    {
        $read = static fn (Document $document): ?Command => Commands::read($request->command(), $document);

        return self::answer($edit->handle($game->id, $read, $request->base(), $request->label()));
    }

    public function undo(Request $request, Game $game, StepHistory $history): Response
    {
        return self::answer($history->undo($game->id, $request->integer('base')));
    }

    public function redo(Request $request, Game $game, StepHistory $history): Response
    {
        return self::answer($history->redo($game->id, $request->integer('base')));
    }

    public function findings(Game $game): JsonResponse
    {
        $findings = Findings::of($game);

        return new JsonResponse(['revision' => $game->revision, 'proved' => $findings->isProved, 'findings' => $findings->all]);
    }

    public function bench(Request $request, Game $game): JsonResponse
    {
        if (! $request->has('with')) {
            return new JsonResponse(['misses' => Bench::nearMisses($game->read(), Field::text($request, 'lock'))]);
        }

        return new JsonResponse(Bench::of($game->read(), Field::text($request, 'lock'), $request->input('with')));
    }

    private static function answer(EditResult $result): Response
    {
        $body = [
            'revision' => $result->game->revision,
            'refusal' => $result->refusal === null ? null : Words::ofRefusal($result->refusal),
            'applied' => $result->applied?->toArray(),
            'history' => Words::ofHistory($result->game),
        ];
        // A workshop that is behind gets the whole document: what it shows is then what is kept.
        $document = $result->applied === null ? ',"document":'.$result->game->document : '';

        return response(substr(Json::write($body), 0, -1).$document.'}', $result->refusal === null ? 200 : 409, ['Content-Type' => 'application/json']);
    }
}

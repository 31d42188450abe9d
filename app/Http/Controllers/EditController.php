<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditGame;
use App\Actions\StepHistory;
use App\Http\Key;
use App\Http\Requests\BenchRequest;
use App\Http\Requests\EditRequest;
use App\Http\Requests\HistoryRequest;
use App\Models\Game;
use App\Workshop\Bench;
use App\Workshop\EditReply;
use App\Workshop\Findings;
use App\Workshop\GuessingTime;
use App\Workshop\RequestEffort;
use App\Workshop\Words;
use App\Workshop\WrongAnswers;
use Fravel\Check\Scores;
use Fravel\Document\GameDocument;
use Fravel\Edit\Command;
use Fravel\Edit\Commands;
use Fravel\Edit\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Takes the workshop's edit commands. */
final class EditController extends Controller
{
    public function store(EditRequest $request, Game $game, EditGame $edit): Response
    {
        $sent = $request->command();
        $read = static fn (GameDocument $document): Command|Refusal|null => $sent instanceof Refusal
            ? $sent
            : Commands::read($sent, $document);

        return EditReply::of($edit->handle($game->id, $read, $request->from(), $request->label(), Key::of($request)));
    }

    public function undo(HistoryRequest $request, Game $game, StepHistory $history): Response
    {
        return EditReply::of($history->undo($game->id, $request->base(), $request->key()));
    }

    public function redo(HistoryRequest $request, Game $game, StepHistory $history): Response
    {
        return EditReply::of($history->redo($game->id, $request->base(), $request->key()));
    }

    public function history(Game $game): JsonResponse
    {
        return new JsonResponse(['changes' => Words::ofChanges($game)]);
    }

    public function returnTo(HistoryRequest $request, Game $game, StepHistory $history): Response
    {
        return EditReply::of($history->to($game->id, $request->change(), $request->key()));
    }

    public function findings(Game $game): JsonResponse
    {
        $findings = Findings::of($game);

        return new JsonResponse([
            'revision' => $game->revision,
            'proved' => $findings->isProved,
            'unlooked' => $findings->unlooked,
            'pending' => $findings->isPending,
            'findings' => $findings->all,
        ]);
    }

    /** A mend of a finding, played before the workshop makes it. */
    public function mend(Request $request, Game $game): JsonResponse
    {
        $offered = $request->validate(['mend' => ['required', 'array']])['mend'];
        $mended = Findings::mended($game, is_array($offered) ? $offered : []);

        return $mended->command === null
            ? new JsonResponse(['refusal' => __("workshop.findings.faults.{$mended->fault}")], 409)
            : new JsonResponse(['command' => $mended->command->toArray()]);
    }

    public function scores(Request $request, Game $game): JsonResponse
    {
        $scores = Scores::of(
            $game->read(),
            array_values(array_filter((array) $request->query('supposed', []), is_string(...))),
            RequestEffort::begin(),
        );

        return new JsonResponse([
            'ranges' => (object) $scores->ranges,
            'wins' => (object) $scores->shares->wins,
            'tied' => $scores->shares->tied,
            'none' => $scores->shares->none,
            'examples' => (object) $scores->shares->examples,
        ]);
    }

    public function bench(BenchRequest $request, Game $game): JsonResponse
    {
        $document = $game->read();
        $lock = $document->lock($request->lock());

        return new JsonResponse(match (true) {
            $lock === null => ['refusal' => __('play.refused.thing.absent')],
            $request->hasAnswer() => Bench::of($document, $lock, $request->answer()),
            default => [
                'misses' => Bench::nearMisses($document, $lock),
                'guessing' => GuessingTime::of($document, $lock),
                'offered' => WrongAnswers::to($game, $document, $lock),
            ],
        });
    }
}

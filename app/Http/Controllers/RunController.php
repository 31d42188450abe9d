<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenRun;
use App\Http\Requests\RunRequest;
use App\Models\Game;
use App\Models\Run;
use App\Models\User;
use App\View\Csv;
use App\View\RunStanding;
use App\Workshop\Findings;
use App\Workshop\Usuals;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

final class RunController extends Controller
{
    public function create(Game $game, #[CurrentUser] User $teacher): View
    {
        return view('runs.new', ['game' => $game, 'findings' => Findings::of($game), 'asksGroup' => Usuals::asksGroup($teacher)]);
    }

    public function store(RunRequest $request, Game $game, #[CurrentUser] User $teacher, OpenRun $open): RedirectResponse
    {
        Usuals::keep($teacher, ['group' => $request->boolean('asks_group')]);

        return redirect()->route('runs.show', $open->handle($game, $request->label(), $request->boolean('asks_group')));
    }

    public function show(Run $run): View
    {
        return view('runs.show', ['run' => $run, 'standing' => RunStanding::of($run)]);
    }

    /** The part of the page that refreshes by itself. */
    public function standing(Run $run): View
    {
        return view('runs.standing', ['run' => $run, 'standing' => RunStanding::of($run)]);
    }

    public function csv(Run $run): Response
    {
        return response(Csv::of(RunStanding::of($run)->table()), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => 'attachment; filename="'.$run->code.'.csv"',
        ]);
    }

    public function close(Run $run): RedirectResponse
    {
        $run->update(['closed_at' => now()]);

        return redirect()->route('runs.show', $run);
    }

    public function reopen(Run $run): RedirectResponse
    {
        $run->update(['closed_at' => null]);

        return redirect()->route('runs.show', $run);
    }

    public function destroy(Run $run): RedirectResponse
    {
        $game = $run->game;
        $run->delete();

        return redirect()->route('games.index')->with('status', __('runs.deleted', ['title' => $game->title]));
    }
}

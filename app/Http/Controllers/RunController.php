<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BeginAnew;
use App\Actions\OpenRun;
use App\Http\Requests\RunRequest;
use App\Models\Game;
use App\Models\Play;
use App\Models\Run;
use App\Models\User;
use App\Play\Clock;
use App\Play\Doorway;
use App\Report\Making;
use App\View\LastAnswers;
use App\View\Moment;
use App\View\RunStanding;
use App\Workshop\Findings;
use App\Workshop\SavedDefaults;
use App\Workshop\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

final class RunController extends Controller
{
    /** Runs on one page of their list. */
    private const PAGE = 40;

    /** All runs of a game, the newest first. */
    public function index(Game $game): View
    {
        $runs = $game->runs()->with('edition')->withCount([
            'plays', 'plays as finished_count' => static fn (Builder $plays) => $plays->whereNotNull('ended_at'),
        ]);

        return view('runs.index', ['game' => $game, 'runs' => $runs->latest('id')->paginate(self::PAGE)]);
    }

    public function create(Game $game, #[CurrentUser] User $teacher): View
    {
        return view('runs.new', [
            'game' => $game,
            'findings' => Findings::of($game),
            'run' => new Run(['asks_group' => SavedDefaults::asksGroup($teacher), 'zone' => Moment::zone()]),
        ]);
    }

    public function store(
        RunRequest $request,
        Game $game,
        #[CurrentUser] User $teacher,
        OpenRun $open,
    ): RedirectResponse {
        SavedDefaults::keep($teacher, ['group' => $request->boolean('asks_group')]);
        $run = $open->handle($game, $request->label(), $request->boolean('asks_group'), $request->settings());

        return redirect()->route('runs.show', $run)->with(array_filter(['status' => $request->tellings()]));
    }

    public function show(Request $request, Run $run): View
    {
        // The class may well sit behind the same address: its code is no news there.
        (new Doorway((string) $request->ip()))->know($run->code);

        return view('runs.show', [
            'run' => $run, 'standing' => RunStanding::of($run), 'words' => Words::ofMap(),
        ]);
    }

    /** The part of the page that refreshes by itself. */
    public function standing(Run $run): View
    {
        return view('runs.standing', ['run' => $run, 'standing' => RunStanding::of($run)]);
    }

    /** One of those who are stuck, as the board shows them; nothing when nobody need look any more. */
    public function need(Run $run, Play $play): View|Response
    {
        $standing = RunStanding::of($run, $play->id);
        $stuck = $standing->stuck();

        return $stuck === [] ? response()->noContent() : view('runs.need-one', [
            'run' => $run, 'standing' => $standing, 'row' => $stuck[0], 'last' => LastAnswers::of($run, $stuck),
        ]);
    }

    /** For all to see: how to join, and how many are there; not who is behind. */
    public function projector(Run $run): View
    {
        return view('runs.projector', ['run' => $run]);
    }

    /** The game as it was frozen, for the map of the board. */
    public function map(Run $run): Response
    {
        return response($run->edition->document, 200, ['Content-Type' => 'application/json']);
    }

    /** The part of the projected page that refreshes by itself. */
    public function sum(Run $run): View
    {
        return view('runs.sum', ['run' => $run]);
    }

    public function close(Run $run): RedirectResponse
    {
        $run->update(['closed_at' => now()]);
        $run->beat();

        return redirect()->route('runs.show', $run);
    }

    public function reopen(Run $run): RedirectResponse
    {
        $now = Clock::seconds();
        // What was to happen by itself gives way to what is wanted now.
        $run->update([
            'closed_at' => null,
            'opens_at' => $run->isEarly() ? null : $run->opens_at,
            'closes_at' => $run->closes_at !== null && $run->closes_at <= $now ? null : $run->closes_at,
        ]);
        $run->beat();

        return redirect()->route('runs.show', $run);
    }

    public function settings(Run $run): View
    {
        return view('runs.settings', ['run' => $run]);
    }

    /** From now on; who plays already plays on. */
    public function settle(RunRequest $request, Run $run): RedirectResponse
    {
        $run->update([
            'label' => $request->label(),
            'asks_group' => $request->boolean('asks_group'),
            'takes_new' => $request->boolean('takes_new'),
            // What a play is does not change under those who have begun.
            ...array_diff_key($request->settings(), $run->plays()->exists() ? ['plays_as' => null] : []),
        ]);
        $run->beat();

        return redirect()->route('runs.settings', $run)->with(
            'status', trim(__('runs.settings.kept').' '.$request->tellings()),
        );
    }

    /** One more run of the same game, settled as this one is. */
    public function copy(Run $run, OpenRun $open): RedirectResponse
    {
        return redirect()->route('runs.show', $open->copy($run))->with('status', __('runs.settings.copied'));
    }

    /** One play, or all of them, begin anew. */
    public function reset(Request $request, Run $run, BeginAnew $anew): RedirectResponse
    {
        $one = $request->input('play');
        $plays = is_string($one) ? $run->plays()->whereKey($one)->get() : $run->plays()->get();
        $done = $plays->filter(static fn (Play $play): bool => $anew->reset($play, $run));

        return redirect()->route('runs.show', $run)->with('status', __('runs.reset.done', ['count' => $done->count()]));
    }

    /** One play goes for good; its device is asked for a name again. */
    public function remove(Run $run, Play $play): RedirectResponse
    {
        $play->delete();
        Making::forget($run->id);

        return redirect()->route('runs.show', $run)->with('status', __('runs.removed', ['name' => $play->name]));
    }

    public function destroy(Run $run): RedirectResponse
    {
        $game = $run->game;
        $run->delete();
        Making::forget($run->id);

        return redirect()->route('games.index')->with('status', __('runs.deleted', ['title' => $game->title]));
    }
}

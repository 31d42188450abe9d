<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditGame;
use App\Http\Field;
use App\Models\Game;
use App\Models\User;
use App\Play\Frame;
use App\Play\Reply;
use App\Play\Screen;
use App\Play\SentAction;
use App\Play\Turn;
use App\Workshop\Backstage;
use App\Workshop\Findings;
use App\Workshop\Recording;
use App\Workshop\Rehearsal;
use Fravel\Edit\RemovePart;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Plays the draft as a student, from any scene. Nothing of it is counted. */
final class RehearsalController extends Controller
{
    public function show(Request $request, Game $game, #[CurrentUser] User $teacher): Response|RedirectResponse
    {
        $rehearsal = new Rehearsal($game, $teacher);
        $from = $request->query('from');
        if (is_string($from)) {
            $rehearsal->begin($from);

            return redirect()->route('rehearsal.show', $game);
        }

        return $this->page($rehearsal, $rehearsal->screen(), $game, null);
    }

    public function act(Request $request, Game $game, #[CurrentUser] User $teacher): Response|JsonResponse
    {
        $action = SentAction::of($request);
        abort_if($action === null, 422);
        $rehearsal = new Rehearsal($game, $teacher);
        $turn = $rehearsal->act($action);
        if (! $request->expectsJson()) {
            return $this->page($rehearsal, Screen::after($turn), $game, $turn);
        }

        return new JsonResponse(Reply::of($turn, self::frame($game)) + ['backstage' => view('play.backstage', ['backstage' => Backstage::of($rehearsal), 'screen' => $rehearsal->screen(), 'game' => $game])->render()]);
    }

    /** Begins anew with chosen tokens and tallies. */
    public function begin(Request $request, Game $game, #[CurrentUser] User $teacher): RedirectResponse
    {
        $tallies = array_map(static fn (mixed $value): int|float => is_numeric($value) && is_finite((float) $value) ? $value + 0 : 0, (array) $request->input('tallies', []));
        $holding = array_values(array_filter((array) $request->input('holding', []), is_string(...)));
        (new Rehearsal($game, $teacher))->begin(Field::text($request, 'from'), $holding, $tallies, ! $request->boolean('unguarded'), player: mb_substr(Field::text($request, 'player'), 0, 40));

        return redirect()->route('rehearsal.show', $game);
    }

    /** Lays the steps of a walkthrough ahead, or those that lead into what was found. */
    public function walk(Request $request, Game $game, #[CurrentUser] User $teacher): RedirectResponse
    {
        $rehearsal = new Rehearsal($game, $teacher);
        $walkthrough = $game->read()->walkthroughs()[Field::text($request, 'walkthrough')] ?? null;
        $walkthrough === null
            ? $rehearsal->walkActions(Findings::of($game)->all[$request->integer('finding', -1)]['actions'] ?? [])
            : $rehearsal->walk($walkthrough);

        return redirect()->route('rehearsal.show', $game);
    }

    public function step(Request $request, Game $game, #[CurrentUser] User $teacher): RedirectResponse
    {
        (new Rehearsal($game, $teacher))->step(max(1, min(500, $request->integer('count', 1))));

        return redirect()->route('rehearsal.show', $game);
    }

    /** Keeps the way gone so far as a walkthrough of the game. */
    public function keep(Request $request, Game $game, #[CurrentUser] User $teacher, EditGame $edit): RedirectResponse
    {
        return redirect()->route('rehearsal.show', $game)->with('status', Recording::keep($game, new Rehearsal($game, $teacher), mb_substr(Field::text($request, 'name'), 0, 80), $edit));
    }

    public function forget(Request $request, Game $game, EditGame $edit): RedirectResponse
    {
        $walkthrough = $game->read()->walkthroughs()[Field::text($request, 'walkthrough')] ?? null;
        if ($walkthrough !== null) {
            $edit->handle($game->id, static fn (): RemovePart => new RemovePart($walkthrough->id), $game->revision, (string) __('rehearsal.forgotten', ['name' => $walkthrough->name]));
        }

        return redirect()->route('rehearsal.show', $game);
    }

    private function page(Rehearsal $rehearsal, Screen $screen, Game $game, ?Turn $turn): Response
    {
        return response(view('play.show', ['screen' => $screen, 'frame' => self::frame($game), 'turn' => $turn, 'isOpen' => true, 'game' => $game, 'backstage' => Backstage::of($rehearsal)])->render());
    }

    private static function frame(Game $game): Frame
    {
        return new Frame(route('rehearsal.act', $game, false), ['_token' => (string) csrf_token()], (string) __('play.you'), isRehearsal: true);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Game;
use App\Models\User;
use App\Play\Frame;
use App\Play\Reply;
use App\Play\Screen;
use App\Play\SentAction;
use App\Play\Turn;
use App\Workshop\Rehearsal;
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

        return $this->page($rehearsal->screen(), $game, null);
    }

    public function act(Request $request, Game $game, #[CurrentUser] User $teacher): Response|JsonResponse
    {
        $action = SentAction::of($request);
        abort_if($action === null, 422);
        $turn = (new Rehearsal($game, $teacher))->act($action);

        return $request->expectsJson() ? new JsonResponse(Reply::of($turn, self::frame($game))) : $this->page(Screen::after($turn), $game, $turn);
    }

    private function page(Screen $screen, Game $game, ?Turn $turn): Response
    {
        return response(view('play.show', ['screen' => $screen, 'frame' => self::frame($game), 'turn' => $turn, 'isOpen' => true, 'game' => $game])->render());
    }

    private static function frame(Game $game): Frame
    {
        return new Frame(route('rehearsal.act', $game, false), ['_token' => (string) csrf_token()], (string) __('play.you'), isRehearsal: true);
    }
}

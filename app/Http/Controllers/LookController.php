<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Play;
use App\Play\Clock;
use App\Play\Frame;
use App\Play\RunRules;
use App\Play\Screen;
use App\Play\Team;
use App\Play\Ticket;
use App\Words\Languages;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Another scene of a team's play, to look at while one of the team answers. Nothing can be done there. */
final class LookController extends Controller
{
    public function __invoke(Request $request, string $code, string $scene): Response|RedirectResponse
    {
        $ticket = Ticket::of($request);
        if ($ticket === null) {
            return new RedirectResponse("/p/{$code}");
        }
        $play = Play::query()->with('run.edition')->find($ticket->play);
        $run = $play?->run;
        if ($play === null || $run === null || strcasecmp($run->code, $code) !== 0 || ! $run->hasTeams()) {
            return new RedirectResponse("/p/{$code}");
        }
        [$edition, $state, $now] = [$play->compiled($run), $play->read(), Clock::seconds()];
        if (! isset(Team::open($edition->game, $state, $now)[$scene])) {
            return new RedirectResponse("/p/{$code}");
        }
        Languages::speakIn($edition->game->language());

        return response(view('play.look', [
            'screen' => new Screen($edition, $state->goBackTo($scene), $now, RunRules::of($run)),
            'there' => (string) $edition->game->scene($state->scene)?->title,
            'frame' => new Frame("/p/{$code}", ['ticket' => $ticket->text()], $play->name),
            'elsewhere' => Team::open($edition->game, $state, $now),
        ])->render(), 200, ['Cache-Control' => 'no-store']);
    }
}

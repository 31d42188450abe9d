<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BeginAnew;
use App\Actions\TakeAction;
use App\Http\Key;
use App\Http\ScriptedAction;
use App\Models\Mark;
use App\Models\Play;
use App\Models\Run;
use App\Play\Clock;
use App\Play\Frame;
use App\Play\News;
use App\Play\Receipt;
use App\Play\RunRules;
use App\Play\Screen;
use App\Play\SentAction;
use App\Play\Team;
use App\Play\Ticket;
use App\Play\Turn;
use App\Play\VoteLine;
use App\Storage\Pulse;
use App\Words\Languages;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A student's play: shows where it is, takes its actions. No session; the ticket says whose it is. */
final class PlayController extends Controller
{
    public function show(Request $request, string $code): Response
    {
        $ticket = Ticket::of($request);
        [$play, $run] = self::playOf($ticket, $code);
        if ($ticket === null || $play === null || $run === null) {
            return JoinController::door($request, $code, []);
        }
        $screen = new Screen($play->compiled($run), $play->read(), Clock::seconds(), RunRules::of($run));
        Languages::speakIn($screen->edition->game->language());

        return $this->page(
            $screen, self::frame($code, $play, $ticket, self::typed($request)), null, $run, $play, $ticket,
        );
    }

    public function act(Request $request, string $code): Response|JsonResponse
    {
        $reply = SentAction::isByScript($request) ? ScriptedAction::reply($request, $code) : null;

        return $reply ?? $this->actAndShow($request, $code);
    }

    /** Without scripts, or for who is a stranger. */
    private function actAndShow(Request $request, string $code): Response|JsonResponse
    {
        [$ticket, $action] = [Ticket::ofForm($request), SentAction::of($request)];
        if ($action === null) {
            return $this->refused($request, 'action.unknown', 422);
        }
        $turn = $ticket === null ? null : (new TakeAction())->handle(
            $ticket->play, $action, Key::of($request), $code, $ticket->member, SentAction::ballot($request),
        );
        if ($ticket === null || $turn === null) {
            return $this->strangers($request, $code);
        }
        Languages::speakIn($turn->edition->game->language());

        return $this->pageAfter($turn, $code, $ticket, SentAction::typed($request));
    }

    /** What happened to a play without its device. */
    public function news(Request $request, string $code): JsonResponse
    {
        $ticket = Ticket::of($request);
        $frame = new Frame("/p/{$code}", ['ticket' => (string) $ticket?->text()], '');
        $news = $ticket === null ? null : News::of(
            $ticket->play, $code, (int) $request->query('seq'), (int) $request->query('since'), $frame,
            $ticket->member,
        );

        return new JsonResponse($news ?? ['stranger' => true], $news === null ? 401 : 200, [
            'Cache-Control' => 'no-store',
        ]);
    }

    /** What a student answered, to keep; the play itself while it has none to give. */
    public function receipt(Request $request, string $code): Response|RedirectResponse
    {
        [$play, $run] = self::playOf(Ticket::of($request), $code);
        if ($play === null || $run === null) {
            return new RedirectResponse("/p/{$code}");
        }
        $screen = new Screen($play->compiled($run), $play->read(), Clock::seconds());
        $receipt = Receipt::of($screen, $run->gives_receipts);
        if ($receipt === null) {
            return new RedirectResponse("/p/{$code}");
        }
        Languages::speakIn($screen->edition->game->language());

        return response(
            view('play.receipt', [
                'receipt' => $receipt, 'screen' => $screen, 'player' => $play->name, 'address' => "/p/{$code}",
                'marks' => Mark::query()->where('play_id', $play->id)->get()->keyBy('lock'),
            ])->render(),
            200,
            ['Cache-Control' => 'no-store'],
        );
    }

    public function anew(Request $request, string $code, BeginAnew $anew): RedirectResponse
    {
        [$play, $run] = self::playOf(Ticket::ofForm($request), $code);
        if ($play !== null && $run?->isOpen() === true && $run->plays_as !== 'class') {
            $anew->again($play, $run);
        }

        return new RedirectResponse("/p/{$code}", 303);
    }

    /** @return array{Play, Run}|array{null, null} the play of a ticket with its run, if that is the one of this code */
    private static function playOf(?Ticket $ticket, string $code): array
    {
        $play = $ticket === null ? null : Play::query()->find($ticket->play);
        $run = $play?->run;

        return $play !== null && $run !== null && strcasecmp($run->code, $code) === 0 ? [$play, $run] : [null, null];
    }

    /** @param  array{on: string, with: mixed}  $typed */
    private function pageAfter(Turn $turn, string $code, Ticket $ticket, array $typed): Response
    {
        $play = Play::query()->findOrFail($ticket->play);
        $run = Run::query()->findOrFail($play->run_id);

        return $this->page(
            Screen::after($turn), self::frame($code, $play, $ticket, $typed), $turn, $run, $play, $ticket,
        );
    }

    private function page(
        Screen $screen, Frame $frame, ?Turn $turn, Run $run, Play $play, Ticket $ticket,
    ): Response {
        $vote = $run->plays_as !== 'class' ? null : $turn->vote ?? VoteLine::of(
            $play->id, $ticket->member, $screen->edition->game, $screen->state, Clock::seconds(),
        );

        return response(
            view('play.show', [
                'screen' => $screen,
                'frame' => $vote === null ? $frame : $frame->carrying(['ballot' => (string) $vote->ballot]),
                'turn' => $turn,
                'isFramed' => false,
                'isOpen' => $turn !== null || $run->isOpen(),
                'isEarly' => $run->isEarly(),
                'givesReceipts' => $run->gives_receipts,
                'called' => $play->ended_at === null && $run->isOpen() ? $play->called_at !== null : null,
                'seq' => $turn->seq ?? $play->seq,
                'left' => self::left($play, $run),
                'pulse' => Pulse::address($play->id),
                'vote' => $vote,
                'team' => $run->hasTeams()
                    ? Team::of($play->id, $ticket->member, $screen->edition->game, Clock::seconds())
                    : null,
            ])->render(),
            200,
            ['Cache-Control' => 'no-store'],
        );
    }

    /** Seconds that a play has left; null where there is no limit, or it has ended. */
    private static function left(Play $play, Run $run): ?int
    {
        $until = $play->ended_at !== null ? null : $play->until($run);

        return $until === null ? null : max(0, $until - Clock::seconds());
    }

    /** Somebody this device is not known as: it may find its play again, and what was typed waits. */
    private function strangers(Request $request, string $code): Response
    {
        $typed = ['on' => $request->input('on'), 'with' => $request->input('with')];

        return JoinController::door($request, $code, ['problem' => __('play.stranger'), 'typed' => $typed], 401);
    }

    private function refused(Request $request, string $reason, int $status): Response|JsonResponse
    {
        $words = __('play.refused.'.$reason);

        return $request->expectsJson()
            ? new JsonResponse(['refusal' => $words], $status)
            : response(view('play.lost', ['words' => $words])->render(), $status);
    }

    private static function frame(string $code, Play $play, Ticket $ticket, mixed $typed): Frame
    {
        $kept =
            is_array($typed) && is_string($typed['on'] ?? null)
                ? ['on' => $typed['on'], 'with' => $typed['with'] ?? null]
                : null;

        return new Frame(
            "/p/{$code}",
            ['ticket' => $ticket->text()],
            $play->name,
            $play->run?->plays_as === 'class' ? null : $play->rejoin_words,
            $kept,
        );
    }

    private static function typed(Request $request): mixed
    {
        return $request->query('typed');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CloseVote;
use App\Actions\JoinRun;
use App\Actions\TakeAction;
use App\Http\Key;
use App\Models\Ballot;
use App\Models\Play;
use App\Models\Run;
use App\Play\Clock;
use App\Play\Frame;
use App\Play\News;
use App\Play\Reply;
use App\Play\RunRules;
use App\Play\Screen;
use App\Play\SentAction;
use App\Play\Turn;
use App\Play\Voting;
use App\Storage\EditionFile;
use App\Storage\Pulse;
use App\View\Votes;
use App\Words\Languages;
use Closure;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** The screen at the front of a class that plays together: the scene, how the vote stands, and its closing. */
final class FrontController extends Controller
{
    public function __construct(private readonly JoinRun $join)
    {
    }

    public function show(Request $request, Run $run): Response|RedirectResponse
    {
        return $run->plays_as === 'class'
            ? $this->page($run, $this->play($run), null, null)
            : redirect()->route('runs.show', $run);
    }

    /** What the teacher does at the front without a vote. */
    public function act(Request $request, Run $run): Response|JsonResponse
    {
        $action = SentAction::of($request);
        abort_if($action === null || $run->plays_as !== 'class', 422);
        $play = $this->play($run);
        $turn = (new TakeAction())->handle($play->id, $action, Key::of($request));
        abort_if($turn === null, 404);
        $turn = $turn->atFront();
        Pulse::beat("votes {$play->id}");
        if (! $request->expectsJson()) {
            return $this->page($run, $this->play($run), $turn, SentAction::typed($request));
        }

        return new JsonResponse(self::speaking($run, static fn (): array => Reply::of($turn, self::frame($run))));
    }

    /** What happened without this screen: help from the board, a pause. */
    public function news(Request $request, Run $run): JsonResponse
    {
        abort_if($run->plays_as !== 'class', 404);
        $news = News::of(
            $this->play($run)->id, $run->code, $request->integer('seq'), $request->integer('since'), self::frame($run),
            isFront: true,
        );

        return new JsonResponse($news, 200, ['Cache-Control' => 'no-store']);
    }

    /** The part of the page that refreshes by itself. */
    public function votes(Run $run): View
    {
        return view('runs.votes', ['run' => $run, 'votes' => $this->standing($run)]);
    }

    /** One hand more or fewer for what can be voted for. */
    public function hand(Request $request, Run $run): RedirectResponse
    {
        $key = $request->input('key');
        $votes = $this->standing($run);
        if (is_string($key) && in_array($key, array_column($votes->rows, 'key'), true)) {
            $hands = $votes->ballot->hands;
            $by = $request->integer('by') < 0 ? -1 : 1;
            $votes->ballot->update(['hands' => [$key => max(0, min(999, ($hands[$key] ?? 0) + $by))] + $hands]);
        }

        return redirect()->route('runs.front', $run)->withFragment('votes');
    }

    public function close(Request $request, Run $run, CloseVote $close): RedirectResponse
    {
        $tie = $request->input('tie');
        $play = $this->play($run);
        $came = $close->handle($play, $play->compiled($run)->game, is_string($tie) ? $tie : '');

        return redirect()->route('runs.front', $run)->with('status', $came === 'done' ? null : __("front.{$came}"));
    }

    /** Where another way of an earlier vote would have led. */
    public function instead(Run $run, Ballot $ballot, string $key): Response|RedirectResponse
    {
        $other = array_column($ballot->counts ?? [], 'action', 'key')[$key] ?? null;
        $action = Action::of($other);
        if ($ballot->play_id !== $this->play($run)->id || $action === null || $ballot->state === null) {
            return redirect()->route('runs.front', $run);
        }
        [$edition, $at] = [EditionFile::of($run->edition), (int) $ballot->closed_at];
        $outcome = Playing::act($edition->game, PlayState::fromArray($ballot->state), $action, $at);
        $rules = RunRules::of($run)->atFront();
        $turn = new Turn($edition, null, $outcome->state, $outcome->eventList(), $at, null, $rules);

        return response(self::speaking($run, static fn (): string => view('runs.instead', [
            'screen' => Screen::after($turn), 'turn' => $turn, 'frame' => new Frame('', [], ''), 'run' => $run,
        ])->render()));
    }

    private function standing(Run $run): Votes
    {
        $play = $this->play($run);

        return Votes::of($play, $play->compiled($run)->game, $play->read());
    }

    private function play(Run $run): Play
    {
        return Voting::play($run, $this->join);
    }

    /** @param  array{on: string, with: mixed}|null  $typed */
    private function page(Run $run, Play $play, ?Turn $turn, ?array $typed): Response
    {
        $screen = new Screen($play->compiled($run), $play->read(), Clock::seconds(), RunRules::of($run)->atFront());
        $beside = view('runs.beside', [
            'run' => $run, 'votes' => $this->standing($run), 'game' => $screen->edition->game,
            'earlier' => Ballot::query()->where('play_id', $play->id)->whereNotNull('closed_at')->latest('id')->get(),
        ])->render();

        return response(self::speaking($run, static fn (): string => view('runs.front', [
            'run' => $run, 'screen' => $screen, 'frame' => self::frame($run, $typed), 'turn' => $turn,
            'beside' => $beside, 'play' => $play,
        ])->render()), 200, ['Cache-Control' => 'no-store']);
    }

    /** @param  array{on: string, with: mixed}|null  $typed */
    private static function frame(Run $run, ?array $typed = null): Frame
    {
        return new Frame(route('runs.front', $run, false), ['_token' => (string) csrf_token()], '', typed: $typed);
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $act
     * @return T
     */
    private static function speaking(Run $run, Closure $act): mixed
    {
        return Languages::within($run->edition->language(), $act);
    }
}

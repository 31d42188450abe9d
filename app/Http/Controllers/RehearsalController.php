<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditGame;
use App\Actions\Standpoint;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Requests\BeginRehearsalRequest;
use App\Http\Requests\WalkRequest;
use App\Models\Game;
use App\Models\User;
use App\Play\Elsewhere;
use App\Play\Frame;
use App\Play\Reply;
use App\Play\Screen;
use App\Play\SentAction;
use App\Play\Turn;
use App\Words\Languages;
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
use Illuminate\Support\Facades\App;

/** Plays the draft as a student, from any scene. Nothing of it is counted. */
final class RehearsalController extends Controller
{
    /** Whether this teacher last looked at rehearsals as on a phone. */
    private const AS_PHONE = 'rehearsal.phone';

    public function show(Request $request, Game $game, #[CurrentUser] User $teacher): Response|RedirectResponse
    {
        $rehearsal = new Rehearsal($game, $teacher);
        $from = $request->query('from');
        if (is_string($from)) {
            $rehearsal->begin($from);

            return redirect()->route('rehearsal.show', $game);
        }
        if ($request->has('as')) {
            $request->session()->put(self::AS_PHONE, $request->query('as') === 'phone');

            return redirect()->route('rehearsal.show', $game);
        }

        return $this->page($request, $rehearsal, $rehearsal->screen(), $game, null);
    }

    public function act(Request $request, Game $game, #[CurrentUser] User $teacher): Response|JsonResponse
    {
        $action = SentAction::of($request);
        abort_if($action === null, 422);
        $rehearsal = new Rehearsal($game, $teacher);
        $turn = $rehearsal->act($action);
        if (! $request->expectsJson()) {
            return $this->page($request, $rehearsal, Screen::after($turn), $game, $turn);
        }

        $around = self::drawn(self::around($request, $rehearsal, $game));
        $reply = Languages::within(
            $game->read()->language(),
            static fn (): array => Reply::of($turn, self::frame($game)),
        );

        return new JsonResponse($reply + ['backstage' => $around['backstage'], 'strip' => $around['strip']]);
    }

    /** Begins anew with chosen tokens and tallies. */
    public function begin(BeginRehearsalRequest $request, Game $game, #[CurrentUser] User $teacher): RedirectResponse
    {
        (new Rehearsal($game, $teacher))->begin(
            $request->scene(),
            $request->holding(),
            $request->tallies(),
            $request->guards(),
            player: $request->player(),
        );

        return redirect()->route('rehearsal.show', $game);
    }

    /** Lays the steps of a walkthrough ahead, or those that lead into what was found. */
    public function walk(WalkRequest $request, Game $game, #[CurrentUser] User $teacher): RedirectResponse
    {
        $rehearsal = new Rehearsal($game, $teacher);
        $walkthrough = $request->walkthrough($game->read());
        $walkthrough === null
            ? $rehearsal->walkActions(Findings::of($game)->all[$request->finding()]['actions'] ?? [])
            : $rehearsal->walk($walkthrough);

        return redirect()->route('rehearsal.show', $game);
    }

    public function step(WalkRequest $request, Game $game, #[CurrentUser] User $teacher): RedirectResponse
    {
        (new Rehearsal($game, $teacher))->step($request->steps());

        return redirect()->route('rehearsal.show', $game);
    }

    /** Keeps the way gone so far as a walkthrough of the game. */
    public function keep(
        WalkRequest $request,
        Game $game,
        #[CurrentUser] User $teacher,
        EditGame $edit,
    ): RedirectResponse {
        $kept = Recording::keep($game, new Rehearsal($game, $teacher), $request->name(), $edit);

        return redirect()->route('rehearsal.show', $game)->with('status', $kept);
    }

    public function forget(WalkRequest $request, Game $game, EditGame $edit): RedirectResponse
    {
        $walkthrough = $request->walkthrough($game->read());
        if ($walkthrough !== null) {
            $edit->handle(
                $game->id,
                static fn (): RemovePart => new RemovePart($walkthrough->id),
                Standpoint::at($game->revision),
                (string) __('rehearsal.forgotten', ['name' => $walkthrough->name]),
            );
        }

        return redirect()->route('rehearsal.show', $game);
    }

    private function page(Request $request, Rehearsal $rehearsal, Screen $screen, Game $game, ?Turn $turn): Response
    {
        $around = self::around($request, $rehearsal, $game);
        $isFramed = $request->has('framed') || $request->headers->get('Sec-Fetch-Dest') === 'iframe';
        if ($around['asPhone'] && ! $isFramed && $turn === null) {
            return response(view('play.rehearsal', $around)->render());
        }
        $drawn = self::drawn($around);
        $markup = Languages::within(
            $game->read()->language(),
            static fn (): string => view('play.show', [
                'screen' => $screen,
                'frame' => self::frame($game, $turn === null ? null : SentAction::typed($request)),
                'turn' => $turn,
                'isOpen' => true,
                'isFramed' => $isFramed,
                'around' => $drawn,
            ])->render(),
        );

        return response($markup)->header(
            'Content-Security-Policy', Elsewhere::policy().SecurityHeaders::FRAMED,
        );
    }

    /** @return array{game: Game, screen: Screen, backstage: Backstage, asPhone: bool} what stands around the scene */
    private static function around(Request $request, Rehearsal $rehearsal, Game $game): array
    {
        return [
            'game' => $game,
            'screen' => $rehearsal->screen(),
            'backstage' => Backstage::of($rehearsal),
            'asPhone' => $request->session()->get(self::AS_PHONE) === true,
        ];
    }

    /**
     * What stands around the scene, in the teacher's language, whatever the game speaks.
     *
     * @param  array{game: Game, screen: Screen, backstage: Backstage, asPhone: bool}  $around
     * @return array{language: string, title: string, behind: string, backstage: string, strip: string}
     */
    private static function drawn(array $around): array
    {
        return [
            'language' => App::getLocale(),
            'title' => (string) __('rehearsal.strip.title'),
            'behind' => (string) __('rehearsal.title'),
            'backstage' => view('play.backstage', $around)->render(),
            'strip' => view('play.strip', $around)->render(),
        ];
    }

    /** @param  array{on: string, with: mixed}|null  $typed */
    private static function frame(Game $game, ?array $typed = null): Frame
    {
        $fields = ['_token' => (string) csrf_token()];

        return new Frame(
            route('rehearsal.act', $game, false),
            $fields,
            (string) __('play.you'),
            typed: $typed,
            isRehearsal: true,
        );
    }
}

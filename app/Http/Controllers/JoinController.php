<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Patience;
use App\Actions\JoinRun;
use App\Http\Requests\JoinRequest;
use App\Models\Run;
use App\Play\Doorway;
use App\Play\Newcomers;
use App\Play\PlayerName;
use App\Play\Ticket;
use App\Play\Voting;
use App\View\Moment;
use App\Words\Languages;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A student's way in: a code, a name, and on another device the two words. */
final class JoinController extends Controller
{
    public function code(): Response
    {
        return response(view('join.code', ['problem' => null, 'code' => ''])->render());
    }

    public function find(Request $request): RedirectResponse|Response
    {
        $code = (string) preg_replace(
            '/[^A-Za-z]/',
            '',
            is_string($request->query('code')) ? $request->query('code') : '',
        );
        $run = self::run($request, $code);

        return $run instanceof Run ? redirect("/p/{$run->code}") : $run;
    }

    public function join(JoinRequest $request, string $code, JoinRun $join): RedirectResponse|Response
    {
        $run = self::run($request, $code);
        if ($run instanceof Response) {
            return $run;
        }
        $typed = $request->name();
        $newcomers = new Newcomers($run, (string) $request->ip());
        $member = $request->memberOf($run);
        $problem = self::problem($run, $typed, $newcomers) ?? self::memberless($run, $member);
        if ($problem !== null) {
            return self::form($run, ['problem' => $problem, 'name' => $typed, 'member' => $member], 422);
        }
        $name = (string) $run->admitted($typed);
        if ($run->plays_as === 'class') {
            $play = Voting::play($run, $join);
            $ticket = Ticket::for($play->id, Voting::member($play, $name)->id);

            return $this->enter($request, $run, $ticket, []);
        }
        $play = $join->begin(
            $run, $name, $request->groupOf($run), address: $request->addressFor($run),
        );
        if ($play === null) {
            return self::form(
                $run,
                [
                    'problem' => __('play.join.taken', ['name' => $name]), 'name' => $name, 'member' => $member,
                    'again' => true,
                ],
                422,
            );
        }
        $newcomers->began($play);

        return $this->enter($request, $run, $play->ticketFor($member), []);
    }

    public function again(JoinRequest $request, string $code, JoinRun $join): RedirectResponse|JsonResponse|Response
    {
        $run = self::run($request, $code);
        if ($run instanceof Response) {
            return $run;
        }
        $name = $request->name();
        // By the name as it is compared: another spelling is no other player.
        $patiences = [
            new Patience('again|'.$run->id.'|'.PlayerName::key($name), 5),
            new Patience('again at|'.$run->id.'|'.$request->ip(), 60),
        ];
        $wait = max(array_map(static fn (Patience $patience): int => $patience->left(), $patiences));
        $play = $wait > 0 ? null : $join->findAgain($run, $name, $request->words());
        $wait > 0 || $play !== null || array_map(static fn (Patience $patience) => $patience->miss(), $patiences);
        $typed = $request->typed();
        if ($play === null) {
            $problem = $wait > 0 ? (string) __('play.join.wait', ['seconds' => $wait]) : __('play.join.no_such');
            $status = $wait > 0 ? 429 : 422;

            return $request->expectsJson()
                ? new JsonResponse(['refusal' => $problem], $status)
                : self::form(
                    $run,
                    ['problem' => $problem, 'name' => $name, 'again' => true, 'typed' => $typed],
                    $status,
                );
        }
        $patiences[0]->forget();
        if ($request->expectsJson()) {
            $ticket = $play->ticketFor($request->memberOf($run));

            return (new JsonResponse(['ticket' => $ticket->text()]))->withCookie($ticket->cookie($run->code));
        }
        $member = $request->memberOf($run);
        $problem = self::memberless($run, $member);
        if ($problem !== null) {
            return self::form(
                $run, ['problem' => $problem, 'name' => $name, 'again' => true, 'typed' => $typed], 422,
            );
        }

        $query = $typed['on'] === null ? [] : ['typed' => $typed];

        return $this->enter($request, $run, $play->ticketFor($member), $query);
    }

    /** Only by the play's own form: a link or a form of elsewhere takes nobody out of a game. */
    public function leave(Request $request, string $code): RedirectResponse
    {
        $away = redirect("/p/{$code}");

        return Ticket::ofForm($request) === null ? $away : $away->withCookie(Ticket::forgotten(strtoupper($code)));
    }

    /**
     * What stands before a run for somebody it does not know.
     *
     * @param  array<string, mixed>  $with  problem, name, again, typed
     */
    public static function door(Request $request, string $code, array $with, int $status = 200): Response
    {
        $run = self::run($request, $code);

        return $run instanceof Run ? self::form($run, $with, $status) : $run;
    }

    /** The run of a code, or the page that says why there is none to be had. */
    private static function run(Request $request, string $code): Run|Response
    {
        $doorway = new Doorway((string) $request->ip());
        $wait = $doorway->wait(strtoupper($code));
        if ($wait > 0) {
            return self::page((string) __('play.join.codes', ['seconds' => $wait]), $code, 429);
        }

        $run = $doorway->find($code);
        $run !== null && Languages::speakIn($run->edition->language());

        return $run ?? self::page(__('play.join.unknown', ['code' => strtoupper($code)]), $code, 404);
    }

    private static function page(string $problem, string $code, int $status): Response
    {
        return response(view('join.code', ['problem' => $problem, 'code' => $code])->render(), $status);
    }

    /** @param  array<string, mixed>  $with problem, name, again, typed */
    private static function form(Run $run, array $with, int $status = 200): Response
    {
        return response(
            view(
                'join.name',
                $with + [
                    'run' => $run, 'problem' => null, 'name' => '', 'member' => '', 'again' => false,
                    'typed' => null,
                ],
            )->render(),
            $status,
            ['Cache-Control' => 'no-store'],
        );
    }

    /** @param  array<string, mixed>  $query */
    private function enter(Request $request, Run $run, Ticket $ticket, array $query): RedirectResponse
    {
        (new Doorway((string) $request->ip()))->know($run->code);

        return redirect("/p/{$run->code}".($query === [] ? '' : '?'.http_build_query($query)))->withCookie(
            $ticket->cookie($run->code),
        );
    }

    /** In a team everybody says who they are. */
    private static function memberless(Run $run, string $member): ?string
    {
        return $run->hasTeams() && $member === '' ? (string) __('play.join.memberless') : null;
    }

    private static function problem(Run $run, string $name, Newcomers $newcomers): ?string
    {
        $wait = $newcomers->wait();

        return match (true) {
            $run->isClosed() => (string) __('play.join.closed'),
            $run->isEarly() => (string) __('play.join.early', [
                'time' => Moment::of((int) $run->opens_at, $run->zone),
            ]),
            $name === '' => (string) __('play.join.nameless'),
            ! $run->takes_new => (string) __('play.join.complete'),
            $run->admitted($name) === null => (string) __('play.join.unlisted', ['name' => $name]),
            $wait > 0 => (string) __('play.join.slow', ['seconds' => $wait]),
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\JoinRun;
use App\Models\Play;
use App\Models\Run;
use App\Play\Ticket;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A student's way in: a code, a name, and on another device the two words. */
final class JoinController extends Controller
{
    private const LONGEST_NAME = 40;

    public function code(): Response
    {
        return response(view('join.code', ['problem' => null, 'code' => ''])->render());
    }

    public function find(Request $request): RedirectResponse|Response
    {
        $code = (string) preg_replace('/[^A-Za-z]/', '', is_string($request->query('code')) ? $request->query('code') : '');
        $run = Run::findByCode($code);

        return $run === null ? self::unknown($code) : redirect("/p/{$run->code}");
    }

    public function join(Request $request, string $code, JoinRun $join): RedirectResponse|Response
    {
        $run = Run::findByCode($code);
        if ($run === null) {
            return self::unknown($code);
        }
        $name = self::name($request->input('name'));
        $problem = self::problem($run, $name);
        if ($problem !== null) {
            return self::form($run, ['problem' => __($problem), 'name' => $name], 422);
        }
        $group = $run->asks_group ? self::name($request->input('group')) : '';
        $play = $join->begin($run, $name, $group === '' ? null : $group);
        if ($play === null) {
            return self::form($run, ['problem' => __('play.join.taken', ['name' => $name]), 'name' => $name, 'again' => true], 422);
        }

        return $this->enter($run, $play, []);
    }

    public function again(Request $request, string $code, JoinRun $join): RedirectResponse|JsonResponse|Response
    {
        $run = Run::findByCode($code);
        if ($run === null) {
            return self::unknown($code);
        }
        $words = $request->input('words');
        $play = $join->findAgain($run, self::name($request->input('name')), is_string($words) ? $words : '');
        $typed = ['on' => $request->input('typed.on'), 'with' => $request->input('typed.with')];
        if ($request->expectsJson()) {
            return $play === null
                ? new JsonResponse(['refusal' => __('play.join.no_such')], 422)
                : (new JsonResponse(['ticket' => Ticket::for($play->id)->text()]))->withCookie(Ticket::for($play->id)->cookie($run->code));
        }
        if ($play === null) {
            return self::form($run, ['problem' => __('play.join.no_such'), 'name' => self::name($request->input('name')), 'again' => true, 'typed' => $typed], 422);
        }

        return $this->enter($run, $play, $typed['on'] === null ? [] : ['typed' => $typed]);
    }

    public function leave(string $code): RedirectResponse
    {
        return redirect("/p/{$code}")->withCookie(Ticket::forgotten(strtoupper($code)));
    }

    public static function unknown(string $code): Response
    {
        return response(view('join.code', ['problem' => __('play.join.unknown', ['code' => strtoupper($code)]), 'code' => $code])->render(), 404);
    }

    /** @param  array<string, mixed>  $with problem, name, again, typed */
    public static function form(Run $run, array $with, int $status = 200): Response
    {
        return response(view('join.name', $with + ['run' => $run, 'problem' => null, 'name' => '', 'again' => false, 'typed' => null])->render(), $status, ['Cache-Control' => 'no-store']);
    }

    /** @param  array<string, mixed>  $query */
    private function enter(Run $run, Play $play, array $query): RedirectResponse
    {
        return redirect("/p/{$run->code}".($query === [] ? '' : '?'.http_build_query($query)))->withCookie(Ticket::for($play->id)->cookie($run->code));
    }

    private static function problem(Run $run, string $name): ?string
    {
        return match (true) {
            ! $run->isOpen() => 'play.join.closed',
            $name === '' => 'play.join.nameless',
            default => null,
        };
    }

    /** Letters, digits, spaces and a few marks: nothing that a text could take for its own. */
    private static function name(mixed $sent): string
    {
        $name = is_string($sent) ? (string) preg_replace('/[^\p{L}\p{M}\p{N} .\'’&+-]+/u', '', mb_scrub($sent)) : '';

        return trim(mb_substr((string) preg_replace('/\s+/u', ' ', $name), 0, self::LONGEST_NAME));
    }
}

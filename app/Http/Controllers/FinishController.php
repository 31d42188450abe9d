<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Field;
use App\Models\Emblem;
use App\Models\Play;
use App\Play\Certificate;
use App\Play\Ticket;
use App\View\Wall;
use App\Words\Languages;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a student who is through takes away: a certificate, and an emblem on the wall of the run. */
final class FinishController extends Controller
{
    public function certificate(Request $request, string $code): Response|RedirectResponse
    {
        $play = self::finished(Ticket::of($request), $code);
        if ($play === null || $play->run?->gives_certificates !== true) {
            return new RedirectResponse("/p/{$code}");
        }

        return self::page('play.certificate', [
            'play' => $play, 'run' => $play->run, 'sign' => Certificate::codeOf($play),
        ]);
    }

    public function emblem(Request $request, string $code): Response|RedirectResponse
    {
        $ticket = Ticket::of($request);
        $play = self::finished($ticket, $code);
        if ($ticket === null || $play === null || $play->run?->shows_wall !== true) {
            return new RedirectResponse("/p/{$code}");
        }
        $kept = Emblem::query()->where('play_id', $play->id)->first();

        return self::page('play.emblem', [
            'play' => $play, 'run' => $play->run, 'ticket' => $ticket->text(),
            'design' => Emblem::design($request->query() + ($kept->design ?? [])),
            'line' => Field::text($request, 'line') ?: ($kept->line ?? ''),
        ]);
    }

    /** On the wall at once; what is written stands there when the teacher has read it. */
    public function keep(Request $request, string $code): RedirectResponse
    {
        $play = self::finished(Ticket::ofForm($request), $code);
        if ($play === null || $play->run?->shows_wall !== true) {
            return new RedirectResponse("/p/{$code}", 303);
        }
        $line = mb_substr(trim((string) preg_replace('/\s+/u', ' ', mb_scrub(Field::text($request, 'line')))), 0,
            Emblem::LONGEST);
        $kept = Emblem::query()->where('play_id', $play->id)->first();
        Emblem::query()->updateOrCreate(['play_id' => $play->id], [
            'design' => Emblem::design($request->all()), 'line' => $line,
            'approved_at' => $kept?->line === $line ? $kept->approved_at : null,
        ]);

        return new RedirectResponse("/p/{$code}/wall", 303);
    }

    public function wall(Request $request, string $code): Response|RedirectResponse
    {
        $ticket = Ticket::of($request);
        $play = $ticket === null ? null : Play::query()->with('run.edition')->find($ticket->play);
        if ($play?->run?->shows_wall !== true || strcasecmp($play->run->code, $code) !== 0) {
            return new RedirectResponse("/p/{$code}");
        }
        Languages::speakIn($play->run->edition->language());

        return self::page('play.wall', ['run' => $play->run, 'wall' => Wall::of($play->run), 'play' => $play]);
    }

    /** The play of a ticket, if it is of this run and through. */
    private static function finished(?Ticket $ticket, string $code): ?Play
    {
        $play = $ticket === null ? null : Play::query()->with('run.edition')->find($ticket->play);
        $run = $play?->run;
        if ($play === null || $run === null || strcasecmp($run->code, $code) !== 0 || $play->ended_at === null) {
            return null;
        }
        Languages::speakIn($run->edition->language());

        return $play->read()->ended === 'lost' ? null : $play;
    }

    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $with
     */
    private static function page(string $view, array $with): Response
    {
        return response(view($view, $with)->render(), 200, ['Cache-Control' => 'no-store']);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CallTeacher;
use App\Actions\HelpPlay;
use App\Actions\RenewEdition;
use App\Actions\TellPlays;
use App\Http\Requests\HelpRequest;
use App\Models\Play;
use App\Models\Run;
use App\Play\Clock;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What a teacher does while a class plays: for one of them, or for all. */
final class HelpController extends Controller
{
    public function play(HelpRequest $request, Run $run, Play $play, HelpPlay $help): RedirectResponse
    {
        if ($request->way() === 'line') {
            TellPlays::lines([$play->id => $request->words()]);
        }
        $isDone = in_array($request->way(), ['line', 'here'], true) || $help->handle(
            $run, $play, $request->way(), $request->on(), $request->words(),
        );

        $isDone && CallTeacher::answered([$play->id], $run->id);

        return redirect()->back(fallback: route('runs.show', $run))
            ->with('status', __($isDone ? "help.done.{$request->way()}" : 'help.none', ['name' => $play->name]));
    }

    /** One line for all who play still. */
    public function all(HelpRequest $request, Run $run): RedirectResponse
    {
        TellPlays::lines(array_fill_keys(
            array_map(strval(...), $run->plays()->whereNull('ended_at')->pluck('id')->all()), $request->words(),
        ));

        return redirect()->route('runs.show', $run)->with('status', __('help.done.all'));
    }

    /** Nothing is taken while all rest. */
    public function pause(Request $request, Run $run): RedirectResponse
    {
        $isPaused = $request->boolean('pause');
        if (! $isPaused && $run->paused_at !== null) {
            // The limit rested too.
            $rested = Clock::seconds() - (int) $run->paused_at->getTimestamp();
            self::extend($run->plays()->whereNull('ended_at'), $rested);
        }
        $run->update(['paused_at' => $isPaused ? $run->paused_at ?? now() : null]);
        $run->beat();

        return redirect()->route('runs.show', $run);
    }

    /** The game as it is now, for a class that plays it as it was. */
    public function renew(Run $run, RenewEdition $renew): RedirectResponse
    {
        $broken = $renew->handle($run);
        $run->beat();
        $words = $broken === []
            ? __('help.renewed')
            : __('help.broken', ['count' => count($broken), 'names' => implode(', ', array_slice($broken, 0, 6))]);

        return redirect()->route('runs.show', $run)->with('status', $words);
    }

    /** More time for all who play, or for one. */
    public function time(Request $request, Run $run): RedirectResponse
    {
        $minutes = max(1, min(120, $request->integer('minutes', 5)));
        $play = $request->input('play');
        $plays = $run->plays()->whereNull('ended_at');
        self::extend(is_string($play) ? $plays->whereKey($play) : $plays, 60 * $minutes);
        $run->beat();

        return redirect()->route('runs.show', $run)->with('status', __(
            is_string($play) ? 'help.done.time_one' : 'help.done.time',
            ['count' => $minutes, 'name' => is_string($play) ? $run->plays()->find($play)?->name : ''],
        ));
    }

    /** @param  HasMany<Play, Run>  $plays */
    private static function extend(HasMany $plays, int $seconds): void
    {
        $plays->increment('extra', max(0, $seconds));
    }
}

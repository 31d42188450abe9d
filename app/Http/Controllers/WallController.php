<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Emblem;
use App\Models\Run;
use App\Models\User;
use App\Play\Certificate;
use App\Play\Clock;
use App\View\Wall;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The finishers' wall as a teacher sees it, and certificates looked up by their codes. */
final class WallController extends Controller
{
    public function show(Run $run): View
    {
        return view('runs.wall', ['run' => $run, 'wall' => Wall::of($run)]);
    }

    /** A line that was read: it stands on the wall, or goes. */
    public function read(Request $request, Run $run, Emblem $emblem): RedirectResponse
    {
        abort_unless($emblem->play->run_id === $run->id, 404);
        $emblem->update($request->boolean('good')
            ? ['approved_at' => Clock::seconds()]
            : ['line' => '', 'approved_at' => null]);

        return redirect()->route('runs.wall', $run);
    }

    public function certificate(Request $request, #[CurrentUser] User $teacher): View
    {
        $typed = $request->query('code');
        $typed = is_string($typed) ? $typed : '';

        return view('runs.certificates', [
            'code' => $typed, 'play' => $typed === '' ? null : Certificate::find($typed, $teacher),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Field;
use App\Models\Mark;
use App\Models\Play;
use App\Models\Run;
use App\Play\Clock;
use App\View\WrittenTexts;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What students wrote: to read, to mark, and to let through where it waits. */
final class TextController extends Controller
{
    private const LONGEST = 2000;

    public function show(Run $run): View
    {
        return view('runs.texts', ['run' => $run, 'texts' => WrittenTexts::of($run)->texts]);
    }

    /** A mark and words for one text; the student reads them on the page of answers. */
    public function mark(Request $request, Run $run, Play $play): RedirectResponse
    {
        $words = mb_substr(Field::text($request, 'words'), 0, self::LONGEST);
        $mark = Field::text($request, 'mark');
        Mark::query()->updateOrCreate(
            ['play_id' => $play->id, 'lock' => mb_substr(Field::text($request, 'lock'), 0, 60)],
            ['mark' => in_array($mark, Mark::MARKS, true) ? $mark : null, 'words' => $words, 'at' => Clock::seconds()],
        );

        return redirect()->route('runs.texts', $run)->with('status', __('texts.kept', ['name' => $play->name]));
    }
}

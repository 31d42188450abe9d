<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SayToAnswer;
use App\Http\Requests\AnswerRuleRequest;
use App\Models\Play;
use App\Models\Run;
use App\Report\Comparison;
use App\Report\Making;
use App\Report\Report;
use App\Report\Trail;
use App\View\DraftWords;
use App\View\RunStanding;
use App\Workshop\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What a run showed, and what a teacher makes of it. */
final class ReportController extends Controller
{
    public function show(Request $request, Run $run): View
    {
        $making = Making::ofLarge($run, Making::FIGURES);
        $report = $making === null ? Report::of($run) : $making->report();
        if ($report === null) {
            return ExportController::page($run, new Making($run, Making::FIGURES), Making::FIGURES);
        }
        $made = $making?->made();
        $lock = $request->query('lock');
        $chosen = $report->chosen(is_string($lock) ? $lock : '');

        return view('runs.report', [
            'run' => $run,
            'report' => $report,
            'chosen' => $chosen,
            'at' => $made === null ? null : (int) filemtime($made),
            'draft' => $chosen === null ? null : DraftWords::of($run, $chosen),
        ]);
    }

    /** Words for a wrong answer, or one more right one, into the draft. */
    public function rule(AnswerRuleRequest $request, Run $run, string $lock, SayToAnswer $say): RedirectResponse
    {
        $words = $say->handle($run, $lock, $request->group(), $request->isAccepted() ? null : $request->words());

        return redirect()
            ->route('runs.report', [$run, 'lock' => $lock])
            ->with('status', $words)
            ->withFragment('answers');
    }

    /** The runs of the game beside each other. */
    public function compare(Run $run): View
    {
        return view('runs.compare', ['run' => $run, 'comparison' => Comparison::of($run)]);
    }

    public function play(Run $run, Play $play): View
    {
        return view('runs.play', [
            'run' => $run, 'play' => $play, 'trail' => Trail::of($run, $play), 'words' => Words::ofMap(),
            'standing' => $run->isOpen() && $play->ended_at === null ? RunStanding::of($run) : null,
        ]);
    }
}

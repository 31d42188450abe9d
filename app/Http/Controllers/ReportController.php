<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SayToAnswer;
use App\Http\Requests\AnswerRuleRequest;
use App\Models\Play;
use App\Models\Run;
use App\View\Comparison;
use App\View\DraftWords;
use App\View\PaperReport;
use App\View\Report;
use App\View\RunStanding;
use App\View\Trail;
use App\Workshop\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What a run showed, and what a teacher makes of it. */
final class ReportController extends Controller
{
    public function show(Request $request, Run $run): View
    {
        $report = Report::of($run);
        $lock = $request->query('lock');
        $chosen = $report->chosen(is_string($lock) ? $lock : '');

        return view('runs.report', [
            'run' => $run,
            'report' => $report,
            'chosen' => $chosen,
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

    /** The same on paper. */
    public function pdf(Run $run): Response
    {
        return response(PaperReport::of($run), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "attachment; filename=\"{$run->code}-report.pdf\"",
        ]);
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

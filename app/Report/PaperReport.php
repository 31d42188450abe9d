<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Run;
use Dompdf\Dompdf;
use Fravel\Support\Palette;
use LogicException;

/** The report of a run on paper. */
final class PaperReport
{
    /** PDF, A4. */
    public static function of(Run $run, Report $report): string
    {
        $paper = new Dompdf(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'tempDir' => sys_get_temp_dir()]);
        $paper->setPaper('A4');
        $paper->loadHtml(view('runs.report-pdf', [
            'run' => $run, 'report' => $report, 'style' => self::style(),
        ])->render());
        $paper->render();

        return (string) $paper->output();
    }

    /** The style sheet with the palette filled in: what draws the paper knows no variables. */
    private static function style(): string
    {
        return (string) preg_replace_callback(
            '/var\(--color-([a-z-]+)\)/',
            static fn (array $found): string => Palette::COLOURS[$found[1]]
                ?? throw new LogicException("No colour {$found[1]}."),
            (string) file_get_contents(resource_path('css/report-pdf.css')),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Run;
use App\Report\Export;
use App\Report\Making;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\Response;

/** What of a run can be taken away: at once, or, of a large run, as soon as it has been made beside the application. */
final class ExportController extends Controller
{
    public function take(Run $run, string $export): Response|View
    {
        $what = Export::from($export);
        $making = Making::ofLarge($run, $what->value);
        $made = $making?->made();
        if ($making !== null && $made === null) {
            return self::page($run, $making, $what->value);
        }
        $headers = [
            'Content-Type' => $what->type(),
            'Content-Disposition' => "attachment; filename=\"{$what->name($run)}\"",
        ];

        // Whole before the first byte is sent: what fails says so, and is no file that was cut off.
        $stream = fopen($made ?? 'php://temp', $made === null ? 'w+b' : 'rb');
        assert($stream !== false);
        $made === null && $what->write($run, $stream);
        rewind($stream);

        return response()->stream(static fn () => fpassthru($stream), 200, $headers);
    }

    /** The part of the page that refreshes by itself while one is made; one that waits for others is begun here. */
    public function standing(Run $run, string $what): View
    {
        return view('runs.making-standing', self::said($run, new Making($run, $what), $what));
    }

    /** Once more, after it failed. */
    public function again(Run $run, string $what): RedirectResponse
    {
        $making = new Making($run, $what);
        $making->forgetFailure();
        $making->begin();

        return redirect()->to($making->address());
    }

    /** The page that tells how far it is. */
    public static function page(Run $run, Making $making, string $what): View
    {
        return view('runs.making', self::said($run, $making, $what));
    }

    /** @return array<string, mixed> how it stands, begun where it is not yet */
    private static function said(Run $run, Making $making, string $what): array
    {
        return [
            'run' => $run, 'what' => $what, 'standing' => $making->begin(), 'address' => $making->address(),
        ];
    }
}

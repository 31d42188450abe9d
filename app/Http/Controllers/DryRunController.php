<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Game;
use App\View\DryRun;
use App\Workshop\RequestEffort;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The draft, played by a made-up class before any real one. */
final class DryRunController extends Controller
{
    private const LESSON = 45;

    public function __invoke(Request $request, Game $game): View
    {
        $minutes = max(1, min(240, $request->integer('minutes', self::LESSON)));
        $effort = RequestEffort::begin();
        $document = $game->read();

        return view('games.dry-run', [
            'game' => $game, 'minutes' => $minutes,
            'dry' => $document->scenes() === [] ? null : DryRun::of($document, $minutes, $effort),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MosaicRequest;
use App\Models\Game;
use App\Pictures\Grid;
use App\Pictures\UnableToTakePicture;
use App\View\MosaicSheet;
use App\Words\Languages;
use Fravel\Mosaic\Reduction;
use Fravel\Mosaic\Secrecy;
use Fravel\Mosaic\Sharing;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Makes a mosaic of a picture, and says how much of it each lock gives away. */
final class MosaicController extends Controller
{
    public function store(MosaicRequest $request, Game $game): JsonResponse
    {
        try {
            $cells = Grid::of($request->picture(), $request->columns(), $request->rowsOfCells());
        } catch (UnableToTakePicture $unable) {
            return new JsonResponse(['refusal' => $unable->getMessage()], 422);
        }
        $reduced = Reduction::of($cells, $request->colours());
        $shares = $request->shares();
        $owners = $shares === []
            ? []
            : Sharing::of($reduced->cells, $shares, $request->spread(), $request->seed(), $request->drawn());

        return new JsonResponse([
            'palette' => $reduced->palette,
            'cells' => $reduced->cells,
            'owners' => $owners,
            'order' => $owners === [] ? [] : Secrecy::of(
                $reduced->palette, $reduced->cells, $request->columns(), $owners, count($shares),
            )->order(),
        ]);
    }

    /** On paper: grid, questions, key. */
    public function sheet(Game $game, string $thing): View
    {
        $document = $game->read();

        return view('games.mosaic', [
            'game' => $game,
            'sheet' => MosaicSheet::of($document, $thing) ?? abort(404),
            'speaks' => Languages::mark($document->language()),
        ]);
    }

    public function picture(Game $game, string $thing, string $form): Response
    {
        $sheet = MosaicSheet::of($game->read(), $thing) ?? abort(404);
        [$picture, $type] = $form === 'svg' ? [$sheet->svg(), 'image/svg+xml'] : [$sheet->png(), 'image/png'];

        return response($picture, 200, ['Content-Type' => $type, 'Cache-Control' => 'no-store']);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CardRowsRequest;
use App\Models\Game;
use App\Workshop\RowsTold;
use Fravel\Rows\CardRows;
use Illuminate\Http\JsonResponse;

/** Reads rows for a card they were pasted into, and says what becomes of each cell. */
final class CardRowsController extends Controller
{
    public function __invoke(CardRowsRequest $request, Game $game): JsonResponse
    {
        $rows = CardRows::read($request->of(), $request->rows(), $request->mayHead());

        return new JsonResponse(['rows' => CardRows::taken($request->of(), $rows)] + RowsTold::of($rows));
    }
}

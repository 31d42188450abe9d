<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Game;
use Fravel\Worksheet\Written;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Tries answers that were pasted into the sheet at their locks, and names those that open nothing. */
final class WrittenController extends Controller
{
    public function __invoke(Request $request, Game $game): JsonResponse
    {
        $sent = $request->validate([
            'cells' => ['required', 'array', 'max:2000'],
            'cells.*.lock' => ['required', 'string', 'max:40'],
            'cells.*.text' => ['nullable', 'string', 'max:4000'],
        ]);
        $cells = array_map(static fn (array $cell): array => [
            'lock' => (string) $cell['lock'], 'text' => (string) ($cell['text'] ?? ''),
        ], array_values($sent['cells']));

        return new JsonResponse(['shut' => Written::shut($game->read(), $cells)]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\HoldLock;
use App\Play\Ticket;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A device of a team says which lock is answered there. */
final class HoldController extends Controller
{
    public function __invoke(Request $request, string $code, HoldLock $hold): JsonResponse
    {
        [$ticket, $lock] = [Ticket::ofForm($request), $request->input('lock')];
        $isHeld = $ticket?->member !== null
            && $hold->handle($ticket->play, $code, $ticket->member, is_string($lock) ? $lock : '');

        return new JsonResponse(['held' => $isHeld], $isHeld ? 200 : 404);
    }
}

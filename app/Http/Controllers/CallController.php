<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CallTeacher;
use App\Play\Ticket;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A student calls the teacher, or takes that back. */
final class CallController extends Controller
{
    public function __invoke(Request $request, string $code, CallTeacher $call): RedirectResponse|JsonResponse
    {
        $ticket = Ticket::ofForm($request);
        $isCalling = $ticket !== null && $call->handle($ticket->play, $code, $request->boolean('call'));

        return $request->expectsJson()
            ? new JsonResponse(['called' => $isCalling])
            : new RedirectResponse("/p/{$code}", 303);
    }
}

<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\TakeAction;
use App\Play\Frame;
use App\Play\Reply;
use App\Play\SentAction;
use App\Play\Ticket;
use App\Words\Languages;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A student's action that a script sends, from whom we know: judged, kept, and answered with what is another now. */
final class ScriptedAction
{
    /** Null where it is no action, or from somebody who plays nothing under this code. */
    public static function reply(Request $request, string $code): ?JsonResponse
    {
        [$ticket, $action] = [Ticket::ofForm($request), SentAction::of($request)];
        if ($ticket === null || $action === null) {
            return null;
        }
        $turn = (new TakeAction())->handle(
            $ticket->play, $action, Key::of($request), $code, $ticket->member, SentAction::ballot($request),
        );
        if ($turn === null) {
            return null;
        }
        Languages::speakIn($turn->edition->game->language());
        $frame = new Frame("/p/{$code}", ['ticket' => $ticket->text()], '');

        return (new JsonResponse(Reply::of($turn, $frame)))->withHeaders(['Cache-Control' => 'no-store']);
    }
}

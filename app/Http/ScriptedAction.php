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
use Illuminate\Support\Facades\App;

/** A student's action that a script sends, from whom we know: judged, kept, and answered with what is another now. */
final class ScriptedAction
{
    /** Null where it is no action. */
    public static function reply(Request $request, string $code): ?JsonResponse
    {
        [$ticket, $action] = [Ticket::ofForm($request), SentAction::of($request)];
        if ($action === null) {
            return null;
        }
        $turn = $ticket === null ? null : (new TakeAction())->handle(
            $ticket->play, $action, Key::of($request), $code, $ticket->member, SentAction::ballot($request),
        );
        if ($ticket === null || $turn === null) {
            return self::toStranger($request);
        }
        Languages::speakIn($turn->edition->game->language());
        $frame = new Frame("/p/{$code}", ['ticket' => $ticket->text()], '');

        return (new JsonResponse(Reply::of($turn, $frame)))->withHeaders(['Cache-Control' => 'no-store']);
    }

    /** Somebody who plays nothing under this code: told so before anything of it is looked at. */
    private static function toStranger(Request $request): JsonResponse
    {
        App::setLocale(Languages::nearest(Languages::asked($request), Languages::ofStudents()));

        return new JsonResponse(['stranger' => true, 'words' => __('play.stranger')], 401);
    }
}

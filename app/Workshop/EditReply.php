<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Actions\EditResult;
use Fravel\Support\Json;
use Illuminate\Http\Response;

/** What the workshop is told of a change it asked for. */
final class EditReply
{
    public static function of(EditResult $result): Response
    {
        $body = [
            'revision' => $result->game->revision,
            'kept' => $result->kept,
            'refusal' => $result->refusal === null ? null : Words::ofRefusal($result->refusal),
            'applied' => $result->applied?->toArray(),
            'history' => Words::ofHistory($result->game),
        ];
        // A workshop that is behind gets the whole document: what it shows is then what is kept.
        $document = $result->applied === null ? ',"document":'.$result->game->document : '';

        return response(substr(Json::write($body), 0, -1).$document.'}', $result->refusal === null ? 200 : 409, [
            'Content-Type' => 'application/json',
        ]);
    }
}

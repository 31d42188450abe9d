<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Play\Markdown;
use Fravel\Document\Answer\Refusal;
use Fravel\Document\Game;
use Fravel\Play\Trial;

/** Tries an answer on a lock of the draft: which rule catches it, what the student would read, where they would go. */
final class Bench
{
    /** @return array<string, mixed> */
    public static function of(Game $game, string $lockId, mixed $with): array
    {
        $lock = $game->lock($lockId);
        if ($lock === null) {
            return ['refusal' => __('play.refused.thing.absent')];
        }
        $answer = $lock->accept($with, $game->language());
        if ($answer instanceof Refusal) {
            return ['refusal' => __('play.refused.'.$answer->code, $answer->arguments)];
        }
        $trial = Trial::of($lock, $answer);

        return [
            'rule' => $trial->rule,
            'verdict' => $trial->verdict->value,
            'say' => $trial->say === '' ? '' : Markdown::html($trial->say),
            'go' => $trial->go === null ? null : ($game->scene($trial->go)->title ?? $trial->go),
        ];
    }
}

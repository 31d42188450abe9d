<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Play\Markdown;
use Fravel\Document\Answer\Refusal;
use Fravel\Document\Game;
use Fravel\Document\Reaction;
use Fravel\State\PlayState;
use Fravel\State\Verdict;

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
        $index = $lock->ruleFor($answer);
        $fresh = PlayState::begin([], 1, 0)->countTry($lockId, Verdict::Wrong);
        $reaction = $index === null ? Reaction::firing($lock->otherwise, $fresh, 0) : $lock->rules[$index]->reaction;
        $go = $reaction?->go?->to;

        return [
            'rule' => $index,
            'verdict' => $index === null ? Verdict::Wrong->value : $lock->rules[$index]->verdict->value,
            'say' => $reaction === null || $reaction->say === '' ? '' : Markdown::html($reaction->say),
            'go' => $go === null ? null : ($game->scene($go)->title ?? $go),
        ];
    }
}

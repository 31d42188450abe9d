<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Play\Markdown;
use Fravel\Answer\Refusal;
use Fravel\Check\Answers\NearMiss;
use Fravel\Check\Answers\NearMisses;
use Fravel\Document\GameDocument;
use Fravel\Play\Trial;

/** Tries an answer on a lock of the draft: which rule catches it, what the student would read, where they would go. */
final class Bench
{
    /**
     * @return list<array{slip: string, text: string, verdict: string|null, words: string}> answers that are nearly
     *     right, and what becomes of each
     */
    public static function nearMisses(GameDocument $game, string $lockId): array
    {
        $lock = $game->lock($lockId);

        return $lock === null
            ? []
            : array_map(static function (NearMiss $miss) use ($lock, $game): array {
                $answer = $lock->accept($miss->text, $game->language());
                $verdict = $answer instanceof Refusal ? null : Trial::of($lock, $answer)->verdict->value;

                return [
                    'slip' => $miss->slip->value,
                    'text' => $miss->text,
                    'verdict' => $verdict,
                    'words' => (string) __("workshop.slips.{$miss->slip->value}"),
                ];
            }, NearMisses::to($lock, $game->language()));
    }

    /** @return array<string, mixed> */
    public static function of(GameDocument $game, string $lockId, mixed $with): array
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
            'go' => $trial->go === null ? null : $game->scene($trial->go)->title ?? $trial->go,
        ];
    }
}

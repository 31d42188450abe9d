<?php

declare(strict_types=1);

namespace App\Play;

use Fravel\Document\Showing;

/** What a student answered, and the words it earned, to keep after an ending that leaves it to them. */
final readonly class Receipt
{
    /**
     * @param  list<array{label: string, ask: string, answer: string, said: string, lock: string}>  $lines  HTML but the
     *     label and the lock
     */
    private function __construct(public array $lines)
    {
    }

    /**
     * The receipt of a play, or null while it has none to give.
     *
     * @param  bool  $isReleased  whether the teacher gives them to all, wherever they are
     */
    public static function of(Screen $screen, bool $isReleased): ?self
    {
        $game = $screen->edition->game;
        $ending = $screen->state->ended === null ? null : $game->scene($screen->state->scene)?->ending;
        if (! $isReleased && ! ($ending->receipt ?? false)) {
            return null;
        }
        $showing = new Showing($game, $screen->state, $screen->now);
        $lines = [];
        foreach ($screen->state->open as $id) {
            $lock = isset($screen->state->answers[$id]) ? $game->lock($id) : null;
            if ($lock !== null) {
                $shown = $lock->shown($showing);
                $lines[] = [
                    'label' => $showing->fill($lock->common->label),
                    'ask' => $screen->html($shown['ask']),
                    'answer' => OwnAnswer::html($shown, $screen),
                    'said' => $screen->html($shown['said']),
                    'lock' => $id,
                ];
            }
        }

        return new self($lines);
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Game;
use Closure;
use Fravel\Document\GameDocument;
use Fravel\Edit\Command;

/** What a draft is to become: worked out beforehand, so that only keeping it is left for the transaction. */
final readonly class NextDraft
{
    /**
     * @param  string  $json  the next document
     * @param  Command|null  $applied  what leads there from the present one; null when that can't be said as one
     *     command
     * @param  Closure(Game): void  $history  keeps what is remembered of it; the game has its next revision by then
     */
    public function __construct(
        public GameDocument $document,
        public string $json,
        public ?Command $applied,
        public Closure $history,
    ) {
    }
}

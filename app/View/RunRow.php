<?php

declare(strict_types=1);

namespace App\View;

use App\Play\Newcomers;
use App\Storage\Lines;
use Fravel\Document\GameDocument;
use Fravel\Report\Need;
use Fravel\State\PlayState;
use stdClass;

/** Where one play of a run is, as its row on the board says it: on the page, and in a line when something was done. */
final readonly class RunRow
{
    public Need $need;

    /** The lock before which it was stopped for guessing; null where it was not. */
    public ?string $stopped;

    /** @param  array<string, int>  $medians  as Need takes them */
    public function __construct(
        private GameDocument $game, public PlayState $state, int $progressedAt, int $now, array $medians,
    ) {
        $this->need = Need::of($game, $state, max(0, $now - $progressedAt), $now, $medians);
        $this->stopped = $state->ended === null ? Newcomers::stoppedAt($game, $state) : null;
    }

    /**
     * Tells the boards that are open what was done in a play.
     *
     * @param  stdClass  $row  id, run_id and seq of the play as it was judged on
     * @param  int  $progressedAt  when it last got on, what was done included
     */
    public static function tell(
        stdClass $row, GameDocument $game, PlayState $state, int $progressedAt, int $now,
    ): void {
        $medians = Lines::watched($row->run_id);
        if ($medians === null) {
            return;
        }
        $told = new self($game, $state, $progressedAt, $now, $medians);
        // Who calls the teacher stands where it stood.
        Lines::add($row->run_id, isset($row->called_at) ? Lines::ALL : $told->line($row->id, $row->seq + 1));
    }

    public function where(): string
    {
        return $this->game->scene($this->state->scene)->title ?? '';
    }

    public function open(): int
    {
        return count($this->state->open);
    }

    public function tries(): int
    {
        return (int) array_sum($this->state->tries);
    }

    /** One line of ASCII; ALL where a row can't be set right in place. */
    private function line(string $play, int $seq): string
    {
        if ($this->state->ended !== null || in_array('waiting', $this->state->verdicts, true)) {
            return Lines::ALL;
        }

        return (string) json_encode([
            'play' => $play, 'seq' => $seq, 'scene' => $this->state->scene, 'where' => $this->where(),
            'open' => $this->open(), 'tries' => $this->tries(), 'worth' => round($this->need->worth, 3),
            'isStuck' => $this->need->isStuck || $this->stopped !== null,
        ]);
    }
}

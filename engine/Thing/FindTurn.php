<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\State\Action;
use Fravel\State\EventKind;

/** What comes of doing something at a find-it board. */
final readonly class FindTurn
{
    public function __construct(private FindIt $board, private Turn $turn)
    {
    }

    public function act(Action $action): void
    {
        match ($action->verb) {
            'find' => $action->with === null ? $this->begin() : $this->pick($action->with),
            'lower' => $this->beginAgain(),
            default => $this->turn->refuse('thing.other'),
        };
    }

    private function begin(): void
    {
        if ($this->board->isBegun($this->turn->state())) {
            $this->turn->refuse('find.begun');

            return;
        }
        $this->turn->become($this->board->begun($this->turn->state()));
    }

    private function pick(mixed $with): void
    {
        $asked = $this->board->asked($this->turn->state());
        $picked = array_column($this->board->boxes, null, 'id')[is_string($with) ? $with : ''] ?? null;
        if ($asked === null || $picked === null || $this->turn->state()->hasFound($picked->id)) {
            $this->turn->refuse($asked === null ? 'find.done' : 'find.found');

            return;
        }
        $this->turn->note(EventKind::Picked, $this->board->id, $asked->id, $picked->id);
        $picked->looksLike($asked) ? $this->find($picked) : $this->miss();
    }

    private function find(FindBox $box): void
    {
        $this->turn->note(EventKind::Marked, $this->board->id, 'right');
        $state = $this->turn->state()->mark($this->board->id, 'right', false)->find($box->id);
        if ($this->board->asked($state) !== null) {
            $this->turn->become($state);

            return;
        }
        $this->turn->become($state->find($this->board->id));
        $this->turn->fire($this->board->react);
    }

    private function miss(): void
    {
        if (! $this->board->quiet) {
            $this->turn->note(EventKind::Marked, $this->board->id, 'wrong');
        }
        $this->turn->become($this->turn->state()->mark($this->board->id, 'wrong', true));
        $this->turn->fire($this->board->otherwise);
    }

    private function beginAgain(): void
    {
        if (! $this->board->again || ! $this->turn->state()->hasFound($this->board->id)) {
            $this->turn->refuse('find.stays');

            return;
        }
        $this->turn->become($this->turn->state()->loseAll($this->board->ids()));
    }
}

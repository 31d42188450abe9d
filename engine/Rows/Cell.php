<?php

declare(strict_types=1);

namespace Fravel\Rows;

use Fravel\Support\Wording;

/** One cell that was given, and what became of it: taken as a column, or left out and why. */
final readonly class Cell
{
    /**
     * @param  int  $row  as it was pasted, from 1
     * @param  int  $place  in its row, from 0
     * @param  string  $as  column it is taken as; '' for one that is left out
     * @param  Wording|null  $said  what it is taken to mean where that was worked out, or why it is left out
     */
    private function __construct(
        public int $row,
        public int $place,
        public string $text,
        public string $as,
        public ?Wording $said,
    ) {
    }

    public static function taken(int $row, int $place, string $text, string $as): self
    {
        return new self($row, $place, $text, $as, null);
    }

    public static function left(int $row, int $place, string $text, Wording $why): self
    {
        return new self($row, $place, $text, '', $why);
    }

    public function isTaken(): bool
    {
        return $this->as !== '';
    }

    /** What it is taken to mean. */
    public function meaning(Wording $meaning): self
    {
        return $this->isTaken() ? new self($this->row, $this->place, $this->text, $this->as, $meaning) : $this;
    }

    /** Left out after all. */
    public function leftOut(Wording $why): self
    {
        return $this->isTaken() ? self::left($this->row, $this->place, $this->text, $why) : $this;
    }
}

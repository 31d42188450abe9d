<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

/** One row as it was understood; what was guessed or is missing stands in its notes. */
final readonly class Row
{
    /**
     * @param  int  $number  in the file, from 1
     * @param  list<string>  $answers  any of which is right
     * @param  bool  $isAbout  a number within two per cent is right too
     * @param  list<string>  $notes  codes: row.alternatives, row.unit, row.about, row.sentence, row.code,
     *     row.no-answer, row.no-feedback
     * @param  int|null  $repeats  number of the earlier row that asks the same and is answered by the same
     * @param  list<string>  $beyond  what stands in cells that no column is for
     */
    public function __construct(
        public int $number,
        public string $question,
        public array $answers,
        public Kind $kind,
        public bool $isAbout,
        public string $feedback,
        public string $room,
        public bool $isTaken = true,
        public array $notes = [],
        public ?int $repeats = null,
        public array $beyond = [],
    ) {
    }

    /** The row that a corrected preview sends back. */
    public static function corrected(
        int $number,
        string $question,
        string $answers,
        Kind $kind,
        bool $isAbout,
        string $feedback,
        string $room,
        bool $isTaken = true,
    ): self {
        return new self(
            $number,
            trim($question),
            Understanding::lines($answers),
            $kind,
            $isAbout,
            trim($feedback),
            trim($room),
            $isTaken,
        );
    }

    /** A question with its answer as it would be understood in a worksheet. */
    public static function asked(string $question, string $answer, string $language): self
    {
        $meant = Understanding::of($answer, $question, $language);

        return new self(1, $question, $meant->answers, $meant->kind, $meant->isAbout, '', '');
    }

    public function withFeedback(string $feedback): self
    {
        return new self(
            $this->number,
            $this->question,
            $this->answers,
            $this->kind,
            $this->isAbout,
            $feedback,
            $this->room,
            $this->isTaken,
            $this->notes,
            $this->repeats,
            $this->beyond,
        );
    }

    public function isBuildable(): bool
    {
        return $this->isTaken && $this->question !== '' && ($this->answers !== [] || $this->kind->needsNoAnswer());
    }
}

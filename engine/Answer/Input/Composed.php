<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Probe\ListProbes;
use Fravel\Answer\Probe\Probes;

/** What all inputs share whose answers are put together from what is given. */
trait Composed
{
    /** An answer of this shape, another one for each number. */
    abstract private function drawn(int $number): mixed;

    public function probed(Probes $probes): array
    {
        return ListProbes::withAnother(
            array_values($probes->answers + $probes->attempts),
            $this->drawn(...),
            $this->ways() ?? 1.0,
        );
    }

    /** What is no text has no number and no length that could be matched, so what is named tells all. */
    public function isDecidedBy(Probes $probes): bool
    {
        return ! $probes->isOpaque &&
            $probes->areas === [] &&
            count($probes->answers) + count($probes->numbers) < Probes::MOST;
    }

    public function isTypedInParts(): bool
    {
        return false;
    }

    public function signs(array $colours, array $alts): array
    {
        return $this->parts();
    }

    public function guesses(array $open, string $language): ?float
    {
        return null;
    }

    public function isLong(): bool
    {
        return false;
    }

    public function longest(): int
    {
        return Text::LONGEST;
    }

    public function unit(): ?string
    {
        return null;
    }

    public function effects(): array
    {
        return [];
    }

    public function effectsOf(Answer $answer): array
    {
        return [];
    }

    public function picks(): array
    {
        return [];
    }
}

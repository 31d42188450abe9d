<?php

declare(strict_types=1);

namespace Fravel\Condition;

/** What of a state conditions look at. Two states that agree in all of it are one to them. */
final class Observed
{
    /**
     * @var array<string, int|float|null> fact → the highest number it is compared with; null where every number matters
     */
    public array $facts = [];

    /** @var array<int, true> seconds since the play began at which a condition on time may turn */
    public array $times = [0 => true];

    /** Whether every number compared with is whole. */
    public bool $isWhole = true;

    /** That it is held, open, lifted, visited or passed. */
    public function see(string $fact): void
    {
        $this->facts[$fact] ??= array_key_exists($fact, $this->facts) ? null : 0;
    }

    /** A number, which is compared with this one: those above are as one. */
    public function compare(string $fact, int|float $with): void
    {
        $this->isWhole = $this->isWhole && is_int($with);
        $this->facts[$fact] =
            array_key_exists($fact, $this->facts) && $this->facts[$fact] === null
                ? null
                : max($this->facts[$fact] ?? $with, $with);
    }

    /** A number, whatever it comes to. */
    public function measure(string $fact): void
    {
        $this->facts[$fact] = null;
    }

    public function wait(int $seconds): void
    {
        $this->times[max(0, $seconds)] = true;
    }

    public function sees(string $fact): bool
    {
        return array_key_exists($fact, $this->facts);
    }
}

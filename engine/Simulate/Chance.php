<?php

declare(strict_types=1);

namespace Fravel\Simulate;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What is drawn: the same seed draws the same. */
final readonly class Chance
{
    /** Steps of a float between 0 and 1. */
    private const STEPS = 2 ** 53;

    private Randomizer $source;

    public function __construct(string $seed)
    {
        $this->source = new Randomizer(new Xoshiro256StarStar(hash('sha256', $seed, true)));
    }

    /** From 0 to below 1. */
    public function part(): float
    {
        return $this->source->getInt(0, self::STEPS - 1) / self::STEPS;
    }

    /** A whole number, both ends among them. */
    public function between(int $least, int $most): int
    {
        return $this->source->getInt($least, $most);
    }

    /** From the standard normal distribution (Box and Muller, "Generation of Random Normal Deviates", 1958). */
    public function normal(): float
    {
        return sqrt(-2 * log(1 - $this->part())) * cos(2 * M_PI * $this->part());
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $among
     * @return T
     */
    public function one(array $among): mixed
    {
        return $among[$this->between(0, count($among) - 1)];
    }
}

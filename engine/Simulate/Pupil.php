<?php

declare(strict_types=1);

namespace Fravel\Simulate;

/** A made-up student: how much they know, how soon they guess, and how fast they are. */
final readonly class Pupil
{
    /** Middle and spread of what a class knows, and of its pace. */
    private const SKILL = [0.66, 0.16];

    private const PACE = [1.0, 0.28];

    /**
     * @param  float  $skill  how likely the first answer is right where nothing is to be guessed, 0 to 1
     * @param  float  $guessing  how likely a wrong answer is a guess, and not a slip, 0 to 1
     * @param  float  $pace  times the usual time that everything takes, about 0.5 to 2
     * @param  float  $patience  wrong tries at one lock after which it is left for good, at least 3
     */
    public function __construct(
        public string $name, public float $skill, public float $guessing, public float $pace, public float $patience,
    ) {
    }

    public static function drawn(string $name, Chance $chance): self
    {
        $skill = min(0.97, max(0.2, self::SKILL[0] + self::SKILL[1] * $chance->normal()));

        return new self(
            $name,
            $skill,
            (0.05 + 0.55 * $chance->part()) * (1 - 0.5 * $skill),
            min(2.2, max(0.5, self::PACE[0] * exp(self::PACE[1] * $chance->normal()))),
            6 + 10 * $skill + 3 * $chance->part(),
        );
    }
}

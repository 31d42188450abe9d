<?php

declare(strict_types=1);

namespace Fravel\Check;

use Closure;

/**
 * What a check may spend. Work is counted in units, about a microsecond or two each, so that a bound holds wherever it
 * runs; whoever sets it may also say how much of their time and room is used. Reaching it is no failure: what was not
 * looked at is said, and nothing is called proved.
 */
final class Effort
{
    /** Units for reading one thing, and for one scene besides. */
    private const READING = 20;

    /** Units between two looks at what is used. */
    private const INTERVAL = 200;

    private int $spent = 0;

    private int $nextLook = 0;

    private bool $isOver = false;

    /**
     * @param  int  $most  units
     * @param  (Closure(): float)|null  $used  how much is used of what was set aside, from 0 to 1 and beyond
     * @param  float  $limit  of it that may be used, 0 to 1
     */
    public function __construct(
        private readonly int $most = PHP_INT_MAX,
        private readonly ?Closure $used = null,
        private readonly float $limit = 1.0,
    ) {
    }

    /** One that may spend a part of what is left of this one. */
    public function part(float $share): self
    {
        $used = $this->used === null ? 0.0 : ($this->used)();
        $left = max(0, $this->most - $this->spent);

        return new self(
            $this->most === PHP_INT_MAX ? PHP_INT_MAX : (int) ($left * $share),
            $this->used,
            $used + max(0.0, $this->limit - $used) * $share,
        );
    }

    /** One that may spend so many units, and no more of what is set aside than this one. */
    public function within(int $units): self
    {
        return new self(min($units, max(0, $this->most - $this->spent)), $this->used, $this->limit);
    }

    /** @throws EffortSpent If that is more than is left. */
    public function spend(int $units = 1): void
    {
        if ($this->isSpent($units)) {
            throw new EffortSpent();
        }
    }

    /**
     * Asked before a scene of so many things is read.
     *
     * @throws EffortSpent
     */
    public function read(int $things): void
    {
        $this->spend(self::READING * (1 + $things));
    }

    /** The same, for those who can stop where they are. */
    public function isSpent(int $units = 1): bool
    {
        $this->spent += $units;
        if ($this->spent >= $this->nextLook && ! $this->isOver) {
            $this->nextLook = $this->spent + self::INTERVAL;
            $this->isOver = $this->spent > $this->most || ($this->used !== null && ($this->used)() > $this->limit);
        }

        return $this->isOver;
    }
}

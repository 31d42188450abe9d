<?php

declare(strict_types=1);

namespace Fravel\Support;

/** Collects what a reading found; shared by all nodes of one document. */
final class Problems
{
    /** Past this many the rest is left out: nobody reads them, and a hostile file must not fill the memory. */
    private const MOST = 200;

    /** @var list<Problem> */
    private array $found = [];

    /** @param  bool  $areWanted  whether anybody will look at them */
    public function __construct(public readonly bool $areWanted = true)
    {
    }

    /** @param  array<string, string|int|float>  $arguments */
    public function add(string $code, string $place, array $arguments = []): void
    {
        if (count($this->found) < self::MOST) {
            $this->found[] = new Problem($code, $place, $arguments);
        }
    }

    /** @return list<Problem> */
    public function all(): array
    {
        return $this->found;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check;

/** What a check came to. */
final readonly class Verdicts
{
    /**
     * @param  bool  $isProved  whether every way through was covered
     * @param  list<Finding>  $findings
     * @param  array{scenes: int, locks: int, endings: int, shortest: int|null, longest: int|null, states: int}  $facts
     */
    public function __construct(public bool $isProved, public array $findings, public array $facts)
    {
    }

    public function hasErrors(): bool
    {
        return array_filter($this->findings, static fn (Finding $finding): bool => $finding->severity === Severity::Error) !== [];
    }
}

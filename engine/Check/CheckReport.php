<?php

declare(strict_types=1);

namespace Fravel\Check;

/** What a check came to. */
final readonly class CheckReport
{
    /**
     * @param  bool  $isProved  whether every way through was covered, and all else was looked at
     * @param  list<Finding>  $findings
     * @param  array{scenes: int, locks: int, endings: int, shortest: int|null, longest: int|null, states: int}  $facts
     * @param  list<string>  $unlooked  what was not looked at to its end: `ways`, `answers` of some locks, and finders
     *     by their names
     */
    public function __construct(
        public bool $isProved,
        public array $findings,
        public array $facts,
        public array $unlooked = [],
    ) {
    }

    /** @return list<Finding> those that nobody has called meant */
    public function toMend(): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $finding): bool => ! $finding->isMeant));
    }

    public function hasErrors(): bool
    {
        return array_filter(
            $this->findings,
            static fn (Finding $finding): bool => $finding->severity === Severity::Error,
        ) !== [];
    }
}

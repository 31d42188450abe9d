<?php

declare(strict_types=1);

namespace Fravel\Check;

/** Something the check found: a code, the parts it is about, arguments for its words, and where possible what shows it. */
final readonly class Finding
{
    /**
     * @param  list<string>  $where  ids, the nearest first
     * @param  array<string, string|int>  $arguments
     * @param  list<array<string, mixed>>  $actions  that lead there
     */
    private function __construct(
        public string $code,
        public Severity $severity,
        public array $where,
        public array $arguments,
        public array $actions,
    ) {
    }

    /**
     * @param  list<string>  $where
     * @param  array<string, string|int>  $arguments
     * @param  list<array<string, mixed>>  $actions
     */
    public static function error(string $code, array $where, array $arguments = [], array $actions = []): self
    {
        return new self($code, Severity::Error, $where, $arguments, $actions);
    }

    /**
     * @param  list<string>  $where
     * @param  array<string, string|int>  $arguments
     */
    public static function warning(string $code, array $where, array $arguments = []): self
    {
        return new self($code, Severity::Warning, $where, $arguments, []);
    }
}

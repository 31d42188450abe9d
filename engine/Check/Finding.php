<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Edit\Command;
use Fravel\Support\Wording;

/**
 * Something the check found: a code, the parts it is about, arguments for its words, and where possible the actions
 * that show it and the edit that mends it.
 */
final readonly class Finding
{
    /**
     * @param  list<string>  $where  ids, the nearest first
     * @param  array<string, string|int>  $arguments
     * @param  list<array<string, mixed>>  $actions  that lead there
     * @param  string  $mendAs  code of the words for the mend
     * @param  Wording|null  $said  what the condition or matcher says that it is about, for `:what` in its words
     */
    private function __construct(
        public string $code,
        public Severity $severity,
        public array $where,
        public array $arguments,
        public array $actions,
        public ?Command $mend,
        public string $mendAs = '',
        public ?Wording $said = null,
    ) {
    }

    /**
     * @param  list<string>  $where
     * @param  array<string, string|int>  $arguments
     */
    public static function error(string $code, array $where, array $arguments = []): self
    {
        return new self($code, Severity::Error, $where, $arguments, [], null);
    }

    /**
     * @param  list<string>  $where
     * @param  array<string, string|int>  $arguments
     */
    public static function warning(string $code, array $where, array $arguments = []): self
    {
        return new self($code, Severity::Warning, $where, $arguments, [], null);
    }

    /** @param  list<array<string, mixed>>  $actions */
    public function shownBy(array $actions): self
    {
        return new self(
            $this->code,
            $this->severity,
            $this->where,
            $this->arguments,
            $actions,
            $this->mend,
            $this->mendAs,
            $this->said,
        );
    }

    /** About a condition or a matcher in particular. */
    public function about(Wording $said): self
    {
        return new self(
            $this->code,
            $this->severity,
            $this->where,
            $this->arguments,
            $this->actions,
            $this->mend,
            $this->mendAs,
            $said,
        );
    }

    /** @param  string|null  $as  code of the words for it, where there are several mends for this finding */
    public function mendedBy(?Command $mend, ?string $as = null): self
    {
        return new self(
            $this->code,
            $this->severity,
            $this->where,
            $this->arguments,
            $this->actions,
            $mend,
            $as ?? $this->code,
            $this->said,
        );
    }
}

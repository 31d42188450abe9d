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
     * @param  bool  $isMeant  whether the teacher has said that it is meant so
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
        public bool $isMeant = false,
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
        return $this->with(['actions' => $actions]);
    }

    /** About a condition or a matcher in particular. */
    public function about(Wording $said): self
    {
        return $this->with(['said' => $said]);
    }

    /** @param  string|null  $as  code of the words for it, where there are several mends for this finding */
    public function mendedBy(?Command $mend, ?string $as = null): self
    {
        return $this->with(['mend' => $mend, 'mendAs' => $as ?? $this->code]);
    }

    /** The teacher knows of it, and means it. Errors can't be meant. */
    public function meantSo(): self
    {
        return $this->severity === Severity::Warning ? $this->with(['isMeant' => true]) : $this;
    }

    /** @param  array<string, mixed>  $fields */
    private function with(array $fields): self
    {
        return new self(...array_replace(get_object_vars($this), $fields));
    }
}

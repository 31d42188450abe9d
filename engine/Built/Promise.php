<?php

declare(strict_types=1);

namespace Fravel\Built;

/** What was given for a lock: the answers that must open it, and those that must not. */
final readonly class Promise
{
    /**
     * @param  non-empty-list<mixed>  $right  as a student sends them
     * @param  list<mixed>  $wrong
     */
    private function __construct(public array $right, public array $wrong)
    {
    }

    /**
     * @param  non-empty-list<mixed>  $right
     * @param  list<mixed>  $wrong
     */
    public static function of(array $right, array $wrong = []): self
    {
        return new self($right, $wrong);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check;

use Closure;
use Fravel\Check\Search\Space;

/**
 * What a check found out about parts of a game, by what those parts are: the next check of a game that an edit left
 * alone there asks nothing anew. It holds what the last check used, and nothing else.
 */
final class CheckMemo
{
    /** @var array<string, mixed> */
    private array $used = [];

    /**
     * @var array<string, Space> spaces of states of the last search, by what they were for; only while a process lives
     */
    private array $spaces = [];

    /** @param  array<string, mixed>  $kept  what kept() gave after the check before */
    public function __construct(private readonly array $kept = [])
    {
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $make
     * @return T
     */
    public function of(string $key, Closure $make): mixed
    {
        if (! array_key_exists($key, $this->used)) {
            $this->used[$key] = array_key_exists($key, $this->kept) ? $this->kept[$key] : $make();
        }

        /** @var T */
        return $this->used[$key];
    }

    /** What is known of it; null for nothing. */
    public function known(string $key): mixed
    {
        return $this->used[$key] = $this->kept[$key] ?? null;
    }

    public function keep(string $key, mixed $found): void
    {
        $this->used[$key] = $found;
    }

    /** @return array<string, mixed> serializable, for the next check */
    public function kept(): array
    {
        return array_filter($this->used, static fn (mixed $found): bool => $found !== null);
    }

    /** The space of states of a game that was searched before this one. */
    public function spaceBefore(string $of): ?Space
    {
        return $this->spaces[$of] ?? null;
    }

    public function keepSpace(string $of, Space $space): void
    {
        $this->spaces[$of] = $space;
    }

    /** A memo for the check after this one. */
    public function next(): self
    {
        $next = new self($this->kept());
        $next->spaces = $this->spaces;

        return $next;
    }

    /** @return array<string, mixed> */
    public function __serialize(): array
    {
        return $this->kept();
    }

    /** @param  array<string, mixed>  $kept */
    public function __unserialize(array $kept): void
    {
        $this->__construct($kept);
    }
}

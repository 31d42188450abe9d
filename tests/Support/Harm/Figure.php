<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

/** What an attack came to, in words, and whether that is good enough. */
final readonly class Figure
{
    /** @param  list<string>  $details  what to look at where it is not */
    public function __construct(public string $words, public bool $isReached = true, private array $details = [])
    {
    }

    public function text(): string
    {
        $mark = $this->isReached ? '        ' : 'MISSED  ';

        return implode("\n            ", [$mark.$this->words, ...$this->isReached ? [] : $this->details]);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Support;

/** Something that could not be taken as it stands: a code, the place as a JSON pointer, and arguments for its words. */
final readonly class Problem
{
    /** @param  array<string, string|int|float>  $arguments */
    public function __construct(public string $code, public string $place, public array $arguments = [])
    {
    }

    /** @return array{code: string, place: string, arguments: array<string, string|int|float>} */
    public function toArray(): array
    {
        return ['code' => $this->code, 'place' => $this->place, 'arguments' => $this->arguments];
    }
}

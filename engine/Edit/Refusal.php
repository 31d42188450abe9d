<?php

declare(strict_types=1);

namespace Fravel\Edit;

/** Why a command could not be carried out; the game stays as it was. */
final readonly class Refusal
{
    /** @param  array<string, string|int|float>  $arguments */
    public function __construct(public string $code, public array $arguments = [])
    {
    }
}

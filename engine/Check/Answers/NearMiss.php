<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

/** An answer that is nearly the right one, and in which way. */
final readonly class NearMiss
{
    public function __construct(public Slip $slip, public string $text)
    {
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Support\Node;

/** After every so many tries a lock takes no answer for some seconds. */
final readonly class Guard
{
    public function __construct(public int $tries, public int $wait)
    {
    }

    public static function maybe(Node $node): ?self
    {
        return $node->value === null
            ? null
            : new self($node->whole('tries', 5, 1, 1000), $node->whole('wait', 30, 0, 86400));
    }

    public function closesAfter(int $tries): bool
    {
        return $this->wait > 0 && $tries % $this->tries === 0;
    }
}

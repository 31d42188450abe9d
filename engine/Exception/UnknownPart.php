<?php

declare(strict_types=1);

namespace Fravel\Exception;

use OutOfBoundsException;

final class UnknownPart extends OutOfBoundsException implements FravelException
{
    public static function scene(string $id): self
    {
        return new self("The game has no scene \"{$id}\".");
    }
}

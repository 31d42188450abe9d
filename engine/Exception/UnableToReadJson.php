<?php

declare(strict_types=1);

namespace Fravel\Exception;

use RuntimeException;

final class UnableToReadJson extends RuntimeException implements FravelException
{
    public static function because(string $reason): self
    {
        return new self("This is not JSON that can be read: {$reason}.");
    }

    public static function notAnObject(): self
    {
        return new self('A game document is a JSON object, and this is something else.');
    }
}

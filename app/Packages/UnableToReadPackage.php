<?php

declare(strict_types=1);

namespace App\Packages;

use RuntimeException;

/** A file that no game can be made of; the message is a key of `refused` in lang/en/packages.php. */
final class UnableToReadPackage extends RuntimeException
{
    public static function because(string $key): self
    {
        return new self($key);
    }

    public function words(): string
    {
        return (string) __("packages.refused.{$this->getMessage()}");
    }
}

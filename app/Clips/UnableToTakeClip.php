<?php

declare(strict_types=1);

namespace App\Clips;

use RuntimeException;

/** A file that can't become a clip of a game; the message is a key of lang/en/clips.php. */
final class UnableToTakeClip extends RuntimeException
{
    /** @param  array<string, string|int>  $arguments */
    private function __construct(string $key, public readonly array $arguments = [])
    {
        parent::__construct($key);
    }

    /** @param  array<string, string|int>  $arguments */
    public static function because(string $key, array $arguments = []): self
    {
        return new self($key, $arguments);
    }

    public function words(): string
    {
        return (string) __("clips.{$this->getMessage()}", $this->arguments);
    }
}

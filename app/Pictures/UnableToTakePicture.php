<?php

declare(strict_types=1);

namespace App\Pictures;

use RuntimeException;

/** A file that can't become a picture of a game; the message is a key of lang/en/pictures.php. */
final class UnableToTakePicture extends RuntimeException
{
    /** @param  array<string, string|int>  $arguments */
    private function __construct(string $key, public readonly array $arguments = [])
    {
        parent::__construct($key);
    }

    public static function empty(): self
    {
        return new self('empty');
    }

    public static function large(int $megapixels, int $most): self
    {
        return new self('large', ['found' => $megapixels, 'most' => $most]);
    }

    public static function unreadable(): self
    {
        return new self('unreadable');
    }

    public static function unsafe(): self
    {
        return new self('unsafe');
    }

    public static function noRoom(): self
    {
        return new self('no_room');
    }

    public function words(): string
    {
        return (string) __("pictures.{$this->getMessage()}", $this->arguments);
    }
}

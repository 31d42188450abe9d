<?php

declare(strict_types=1);

namespace Cli;

use RuntimeException;
use Throwable;

final class UnableToReadFile extends RuntimeException
{
    public static function absent(string $path): self
    {
        return new self("There is no file {$path}.");
    }

    public static function malformed(string $path, Throwable $why): self
    {
        return new self("{$path} can't be read. {$why->getMessage()}", previous: $why);
    }

    public static function large(string $path, int $megabytes): self
    {
        return new self("{$path} holds a document larger than {$megabytes} MB.");
    }

    public static function crowded(string $path, int $most): self
    {
        return new self("{$path} holds more than {$most} files.");
    }

    public static function puffed(string $path): self
    {
        return new self("{$path} holds a document that swells when it is unpacked as no game does.");
    }

    public static function noGame(string $path): self
    {
        return new self("{$path} is a package without a game.json.");
    }

    public static function withoutZip(string $path): self
    {
        return new self("{$path} is a package, and PHP's zip extension is not installed.");
    }
}

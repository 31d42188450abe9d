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

    public static function intricate(): self
    {
        return new self('intricate');
    }

    /** @param  'full_game'|'full_teacher'|'full_game_clips'|'full_teacher_clips'  $which  whose room is used up */
    public static function full(string $which, int $megabytes): self
    {
        return new self($which, ['most' => $megabytes]);
    }

    public static function unreadable(): self
    {
        return new self('unreadable');
    }

    public static function missing(): self
    {
        return new self('missing');
    }

    public static function unsafe(): self
    {
        return new self('unsafe');
    }

    public static function noRoom(): self
    {
        return new self('no_room');
    }

    /** @param  int  $error  one of PHP's UPLOAD_ERR_ numbers */
    public static function ofUpload(int $error): self
    {
        return match ($error) {
            UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE => new self('heavy'),
            UPLOAD_ERR_PARTIAL => new self('lost'),
            UPLOAD_ERR_CANT_WRITE, UPLOAD_ERR_NO_TMP_DIR => self::noRoom(),
            default => self::unreadable(),
        };
    }

    public function words(): string
    {
        return (string) __("pictures.{$this->getMessage()}", $this->arguments);
    }
}

<?php

declare(strict_types=1);

namespace App\Storage;

use ErrorException;

/**
 * Files that are there whole or not at all, whenever the power goes: written beside, flushed, and renamed into place.
 */
final class WholeFile
{
    /**
     * @param  bool  $isFlushed  whether it is to outlive a power cut; else writing costs others no flush of the disk
     *
     * @throws ErrorException If there is no room, or no right to write there.
     */
    public static function write(string $path, string $bytes, bool $isFlushed = true): void
    {
        is_dir(dirname($path)) || @mkdir(dirname($path), 0o755, true);
        $part = "{$path}.".bin2hex(random_bytes(6));
        $file = @fopen($part, 'xb');
        if ($file === false) {
            throw new ErrorException('The file could not be opened.');
        }
        try {
            $isWhole = @fwrite($file, $bytes) === strlen($bytes) && fflush($file)
                && (! $isFlushed || fsync($file));
            fclose($file);
            ($isWhole && rename($part, $path)) || throw new ErrorException('The file could not be written.');
        } finally {
            is_file($part) && unlink($part);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * The part of a file that is sent at once, of what was asked for (RFC 9110, 14). It may be less than that: a browser
 * asks for the rest when it wants it.
 */
final readonly class FileRange
{
    /** Bytes that are sent at most. */
    public const MOST = 1_000_000;

    /**
     * @param  int  $from  the first byte
     * @param  int  $to  the last byte, itself included
     */
    private function __construct(public int $from, public int $to)
    {
    }

    /**
     * Null for one that the file does not have.
     *
     * @param  string  $asked  the header; one that says nothing, or more than one range, is the whole file
     */
    public static function of(string $asked, int $size): ?self
    {
        [$from, $to] = [0, $size - 1];
        if (preg_match('/^bytes=(\d*)-(\d*)$/D', trim($asked), $range) === 1 && $range[1].$range[2] !== '') {
            $isSuffix = $range[1] === '';
            $from = $isSuffix ? max(0, $size - (int) $range[2]) : (int) $range[1];
            $to = $isSuffix || $range[2] === '' ? $size - 1 : min((int) $range[2], $size - 1);
        }

        return $from > $to || $size === 0 ? null : new self($from, min($to, $from + self::MOST - 1));
    }

    public function read(string $path): string
    {
        return (string) file_get_contents($path, false, null, $this->from, max(0, $this->to - $this->from + 1));
    }
}

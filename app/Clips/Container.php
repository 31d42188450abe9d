<?php

declare(strict_types=1);

namespace App\Clips;

use getID3;
use Throwable;

/** What a file is by its content, whatever it is called: a film or a sound that browsers know, and how long it is. */
final readonly class Container
{
    /** Format, as getID3 calls it, and whether there is a picture → extension and type. */
    private const KINDS = [
        'matroska' => ['webm', 'video/webm', 'weba', 'audio/webm'],
        'webm' => ['webm', 'video/webm', 'weba', 'audio/webm'],
        'mp4' => ['mp4', 'video/mp4', 'm4a', 'audio/mp4'],
        'quicktime' => ['mp4', 'video/mp4', 'm4a', 'audio/mp4'],
        // Of Ogg films browsers took their leave.
        'ogg' => [null, null, 'ogg', 'audio/ogg'],
        'mp3' => [null, null, 'mp3', 'audio/mpeg'],
    ];

    /** Files that are often taken for films: how they begin → what they are. */
    private const OTHERS = [
        "PK\x03\x04" => 'zip', '%PDF' => 'pdf', "\x89PNG" => 'picture', "\xFF\xD8\xFF" => 'picture',
        'GIF8' => 'picture', '<svg' => 'picture', '<htm' => 'page', '<!DO' => 'page',
    ];

    private function __construct(public string $extension, public string $type, public float $seconds)
    {
    }

    /** @throws UnableToTakeClip If it is none, or broken. */
    public static function of(string $path): self
    {
        $begins = (string) file_get_contents($path, false, null, 0, 16);
        foreach (self::OTHERS as $sign => $what) {
            if (str_starts_with($begins, $sign)) {
                throw UnableToTakeClip::because("is.{$what}");
            }
        }
        $found = self::read($path);
        $kind = self::KINDS[$found['fileformat'] ?? ''] ?? null;
        if ($kind === null || (($found['fileformat'] ?? '') === 'matroska' && ! self::isWebm($path))) {
            throw UnableToTakeClip::because($kind === null ? 'unknown' : 'is.mkv');
        }
        $isFilm = isset($found['video']['dataformat']) || isset($found['video']['resolution_x']);
        [$extension, $type] = $isFilm ? array_slice($kind, 0, 2) : array_slice($kind, 2);
        if ($isFilm && ($found['fileformat'] ?? '') === 'ogg') {
            throw UnableToTakeClip::because('is.theora');
        }
        $seconds = (float) ($found['playtime_seconds'] ?? 0);
        if ($extension === null || $type === null || $seconds <= 0 || (! $isFilm && ! isset($found['audio']))) {
            throw UnableToTakeClip::because('broken');
        }

        return new self($extension, $type, round($seconds, 2));
    }

    /** @return array<string, mixed> */
    private static function read(string $path): array
    {
        try {
            $reader = new getID3;
            $reader->option_tag_id3v2 = false;
            $reader->option_save_attachments = false;

            return $reader->analyze($path);
        } catch (Throwable) {
            throw UnableToTakeClip::because('broken');
        }
    }

    /** Of the Matroska files browsers play those that say they are WebM. */
    private static function isWebm(string $path): bool
    {
        return str_contains((string) file_get_contents($path, false, null, 0, 64), 'webm');
    }
}

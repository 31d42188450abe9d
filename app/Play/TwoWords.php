<?php

declare(strict_types=1);

namespace App\Play;

/** The two words by which a student finds their play again on another device. */
final class TwoWords
{
    private const FIRST = ['amber', 'azure', 'brave', 'brisk', 'broad', 'calm', 'clear', 'clever', 'coral', 'deep', 'early', 'fair', 'fast', 'fresh', 'gentle', 'glad', 'golden', 'grand', 'green', 'happy', 'high', 'jolly', 'keen', 'kind', 'late', 'light', 'lively', 'lucky', 'merry', 'mild', 'misty', 'neat', 'noble', 'northern', 'olive', 'open', 'plain', 'proud', 'quick', 'quiet', 'rapid', 'ready', 'rosy', 'round', 'salty', 'sandy', 'sharp', 'silver', 'slow', 'smooth', 'soft', 'southern', 'steady', 'strong', 'sunny', 'swift', 'tall', 'tidy', 'warm', 'wide', 'wild', 'windy', 'wise', 'young'];

    private const SECOND = ['anchor', 'bay', 'beacon', 'boat', 'bottle', 'breeze', 'bridge', 'buoy', 'cable', 'canoe', 'castle', 'cave', 'chart', 'cliff', 'cloud', 'compass', 'crab', 'deck', 'dolphin', 'dune', 'falcon', 'ferry', 'flag', 'gannet', 'garden', 'gull', 'harbour', 'heron', 'island', 'kettle', 'ladder', 'lantern', 'lemon', 'lobster', 'map', 'marble', 'meadow', 'mirror', 'moon', 'otter', 'paddle', 'pearl', 'pebble', 'pilot', 'plover', 'puffin', 'rain', 'river', 'rope', 'rudder', 'sail', 'seal', 'shell', 'spring', 'star', 'stone', 'storm', 'tern', 'tide', 'tower', 'trumpet', 'turtle', 'whale', 'window'];

    public static function draw(): string
    {
        return self::FIRST[random_int(0, count(self::FIRST) - 1)].' '.self::SECOND[random_int(0, count(self::SECOND) - 1)];
    }

    public static function agree(string $given, string $kept): bool
    {
        $plain = static fn (string $words): string => trim((string) preg_replace('/[^a-z]+/', ' ', strtolower($words)));

        return hash_equals($plain($kept), $plain($given));
    }
}

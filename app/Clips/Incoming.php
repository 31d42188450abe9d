<?php

declare(strict_types=1);

namespace App\Clips;

use App\Models\Game;
use App\Storage\Secret;

/**
 * A file on its way into a game, in pieces. What has arrived stays for some days: the same file, chosen again, goes on
 * where it broke off.
 */
final readonly class Incoming
{
    /** Bytes of a piece at most. */
    public const PIECE = 1_000_000;

    private const MEGABYTE = 1_000_000;

    /** Unfinished files of a game that are kept. */
    private const MOST = 4;

    /** Seconds that an unfinished file is kept, and after which one that nothing came of gives way to another. */
    private const KEPT = 3 * 86400;

    private const IDLE = 3600;

    private function __construct(public string $id, private string $path, public int $size)
    {
    }

    /**
     * @param  int  $size  bytes, as its device tells it
     * @param  string  $mark  what its device knows it by: name and time
     */
    public static function begin(Game $game, int $size, string $mark): self
    {
        self::forgetOld($game);
        $id = self::name($game, $size, $mark);
        $incoming = self::of($game, $id) ?? new self($id, self::folder($game->id)."/{$id}-{$size}", $size);
        is_dir(self::folder($game->id)) || mkdir(self::folder($game->id), 0o755, true);
        touch($incoming->path);

        return $incoming;
    }

    /** By which a file is known that is told so: the same file is the same. */
    public static function name(Game $game, int $size, string $mark): string
    {
        return substr(Secret::hex("incoming|{$game->id}|{$size}|{$mark}"), 0, 40);
    }

    /**
     * What files on their way will take once they have arrived.
     *
     * @param  list<string>  $games  ids
     * @param  string  $except  the name of one that is not counted
     * @return int bytes
     */
    public static function promised(array $games, string $except): int
    {
        return array_sum(array_map(
            static fn (string $path): int => (int) substr($path, (int) strrpos($path, '-') + 1),
            self::others($games, $except),
        ));
    }

    /**
     * Files on their way to which nothing was added for a while give way.
     *
     * @param  list<string>  $games  ids
     * @param  string  $except  the name of one that stays
     * @return bool whether any did
     */
    public static function giveWay(array $games, string $except): bool
    {
        $idle = array_filter(
            self::others($games, $except),
            static fn (string $path): bool => (int) @filemtime($path) < time() - self::IDLE,
        );
        array_map(unlink(...), $idle);

        return $idle !== [];
    }

    /**
     * @param  int  $size  bytes
     *
     * @throws UnableToTakeClip If that is nothing, or more than is taken.
     */
    public static function admit(int $size): void
    {
        $most = config()->integer('fravel.clip_megabytes');
        if ($size < 1) {
            throw UnableToTakeClip::because('empty');
        }
        if ($size > $most * self::MEGABYTE) {
            throw UnableToTakeClip::because('large', [
                'found' => (int) ceil($size / self::MEGABYTE), 'most' => $most,
            ]);
        }
    }

    /** Null when there is none of this name. */
    public static function of(Game $game, string $id): ?self
    {
        if (preg_match('/^[a-f0-9]{40}$/D', $id) !== 1) {
            return null;
        }
        $path = glob(self::folder($game->id)."/{$id}-*")[0] ?? null;

        return $path === null ? null : new self($id, $path, (int) substr($path, (int) strrpos($path, '-') + 1));
    }

    /** Bytes that have arrived. */
    public function arrived(): int
    {
        clearstatcache(true, $this->path);

        return (int) @filesize($this->path);
    }

    public function isWhole(): bool
    {
        return $this->arrived() === $this->size;
    }

    /**
     * Takes a piece; one that does not follow what is there is left, and its device learns where to go on.
     *
     * @return int bytes that have arrived
     */
    public function take(string $piece, int $at): int
    {
        $file = fopen($this->path, 'cb');
        if ($file === false || ! flock($file, LOCK_EX)) {
            throw UnableToTakeClip::because('no_room');
        }
        try {
            $there = $this->arrived();
            if ($at !== $there || strlen($piece) > self::PIECE || $there + strlen($piece) > $this->size) {
                return $there;
            }
            fseek($file, $there);
            if (@fwrite($file, $piece) !== strlen($piece) || ! fflush($file)) {
                ftruncate($file, max(0, $there));
                throw UnableToTakeClip::because('no_room');
            }
        } finally {
            flock($file, LOCK_UN);
            fclose($file);
        }

        return $this->arrived();
    }

    public function path(): string
    {
        return $this->path;
    }

    public function forget(): void
    {
        @unlink($this->path);
    }

    /**
     * @param  list<string>  $games  ids
     * @return list<string> paths of what is on its way into them, but for the one of this name
     */
    private static function others(array $games, string $except): array
    {
        $paths = array_merge([], ...array_map(
            static fn (string $game): array => glob(self::folder($game).'/*') ?: [], $games,
        ));

        return array_values(array_filter(
            $paths, static fn (string $path): bool => ! str_contains($path, "/{$except}-"),
        ));
    }

    private static function folder(string $game): string
    {
        return config()->string('fravel.files')."/incoming/{$game}";
    }

    /** Those that are too old, and of a game all but the newest few. */
    private static function forgetOld(Game $game): void
    {
        $own = glob(self::folder($game->id).'/*') ?: [];
        usort($own, static fn (string $one, string $other): int => @filemtime($other) <=> @filemtime($one));
        array_map(unlink(...), array_slice($own, self::MOST));
        foreach (glob(self::folder('*').'/*') ?: [] as $path) {
            if ((int) @filemtime($path) < time() - self::KEPT) {
                @unlink($path);
            }
        }
    }
}

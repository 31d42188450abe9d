<?php

declare(strict_types=1);

namespace App\Clips;

use App\Storage\GameFiles;
use App\Storage\Progress;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * A film on its way into pieces: encoded anew by ffmpeg with a picture of its own at each cut (H.264, AAC), in a
 * process beside the application, of which a file tells how far it is.
 */
final readonly class Cutting
{
    /** Where there is nothing to be cut. */
    public const NONE = ['state' => 'none', 'percent' => 0, 'pieces' => 0];

    /** How far it stands back behind whoever plays. */
    private const NICE = 10;

    /** Seconds that one film may take at most. */
    private const LONGEST = 4 * 3600;

    /** Extension → the kind of container that ffmpeg may take it for, and no other: some lead to files elsewhere. */
    private const CONTAINERS = [
        'webm' => 'matroska', 'weba' => 'matroska', 'mp4' => 'mov', 'm4a' => 'mov', 'ogg' => 'ogg', 'mp3' => 'mp3',
    ];

    private const SOUNDS = ['weba', 'm4a', 'ogg', 'mp3'];

    private const FILM = [
        '-map', '0:v:0', '-map', '0:a:0?', '-c:v', 'libx264', '-preset', 'veryfast', '-crf', '23', '-bf', '0',
        '-pix_fmt', 'yuv420p', '-vf', "scale='min(1920,trunc(iw/2)*2)':-2", '-c:a', 'aac', '-b:a', '128k',
    ];

    private const SOUND = ['-map', '0:a:0', '-c:a', 'aac', '-b:a', '128k'];

    /** @param  list<float>  $cuts  seconds */
    public function __construct(public string $file, private array $cuts)
    {
    }

    /** Whether films can be cut on this machine. */
    public static function isPossible(): bool
    {
        return (new ExecutableFinder)->find('ffmpeg') !== null;
    }

    /**
     * @return array{state: 'none'|'whole'|'cutting'|'failed'|'cut', percent: int, pieces: int} `none` where there is
     *     nothing to cut at
     */
    public function standing(): array
    {
        $pieces = Pieces::at($this->file, $this->cuts);
        $progress = $this->progress();

        return [
            'state' => match (true) {
                $this->cuts === [] => 'none',
                $pieces !== null => 'cut',
                ! $progress->isThere() => 'whole',
                $progress->isOnItsWay() => 'cutting',
                default => 'failed',
            },
            'percent' => $progress->percent(),
            'pieces' => count($pieces->all ?? []),
        ];
    }

    /** Whether another film is being cut: they are cut one after the other, however many want it. */
    public function isBusy(): bool
    {
        return $this->progress()->others($this->folder().'/*.progress') > 0;
    }

    /** Begins in a process of its own; one that is on its way already goes on. */
    public function begin(): void
    {
        if (in_array($this->standing()['state'], ['none', 'cut', 'cutting'], true)) {
            return;
        }
        $this->progress()->begin([
            'clips:cut', basename($this->file),
            implode(' ', array_map(static fn (float $cut): string => sprintf('%.3F', $cut), $this->cuts)),
        ], self::NICE);
    }

    /** Cuts it, and says on its way how far it is. */
    public function run(): bool
    {
        $path = GameFiles::path(basename($this->file));
        $this->forgetBrokenOff();
        $folder = $this->folder().'/'.bin2hex(random_bytes(8));
        mkdir($folder, 0o755, true);
        try {
            $length = Container::of($path)->seconds;
            $ffmpeg = new Process($this->command($path, $folder), $folder, timeout: self::LONGEST);
            $ffmpeg->run(fn (string $of, string $said) => $this->listen($said, $length));
            $all = $ffmpeg->isSuccessful() ? $this->taken($folder, $length) : [];
            $all === [] ? $this->progress()->fail() : Pieces::keep($this->file, $this->cuts, $all);
            $all === [] ?: $this->progress()->forget();

            return $all !== [];
        } catch (UnableToTakeClip) {
            $this->progress()->fail();

            return false;
        } finally {
            self::forget($folder);
        }
    }

    /** What a process that was killed has left. */
    private function forgetBrokenOff(): void
    {
        foreach (glob($this->folder().'/*', GLOB_ONLYDIR) ?: [] as $folder) {
            (int) @filemtime($folder) > time() - self::LONGEST ?: self::forget($folder);
        }
    }

    private static function forget(string $folder): void
    {
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
    }

    /** By which its pieces count among the clips of a game. */
    public function name(): string
    {
        return basename(Pieces::path($this->file, $this->cuts), '.json').'.mp4';
    }

    /** @return list<string> */
    private function command(string $path, string $folder): array
    {
        $at = implode(',', array_map(static fn (float $cut): string => sprintf('%.3F', $cut), $this->cuts));
        $kind = pathinfo($path, PATHINFO_EXTENSION);
        $isSound = in_array($kind, self::SOUNDS, true);

        return [
            'ffmpeg', '-nostdin', '-hide_banner', '-loglevel', 'error', '-progress', 'pipe:1', '-threads', '1',
            '-protocol_whitelist', 'file', '-f', self::CONTAINERS[$kind] ?? 'matroska', '-i', $path,
            ...$isSound ? self::SOUND : [...self::FILM, '-force_key_frames', $at],
            '-f', 'segment', '-segment_times', $at, '-reset_timestamps', '1', '-segment_format', 'mp4',
            '-segment_format_options', 'movflags=+faststart', '-segment_list', "{$folder}/list.csv",
            '-segment_list_type', 'csv', "{$folder}/%04d.".($isSound ? 'm4a' : 'mp4'),
        ];
    }

    private function listen(string $said, float $length): void
    {
        if (preg_match_all('/^out_time_us=(\d+)/m', $said, $found) > 0) {
            $this->progress()->tell((int) min(99, 100 * (int) end($found[1]) / 1_000_000 / max(1.0, $length)));
        }
    }

    /**
     * Pieces where they are kept. Each begins at its cut, whatever the first picture behind it says.
     *
     * @return list<array{file: string, from: float, until: float}> none where they are not what was asked for
     */
    private function taken(string $folder, float $length): array
    {
        $paths = glob("{$folder}/[0-9]*") ?: [];
        if (count($paths) !== count($this->cuts) + 1) {
            return [];
        }
        [$from, $until] = [[0.0, ...$this->cuts], [...$this->cuts, $length]];

        return array_map(static fn (string $path, int $place): array => [
            'file' => GameFiles::take($path, pathinfo($path, PATHINFO_EXTENSION)),
            'from' => $from[$place], 'until' => $until[$place],
        ], $paths, array_keys($paths));
    }

    private function progress(): Progress
    {
        return new Progress(Pieces::path($this->file, $this->cuts).'.progress');
    }

    private function folder(): string
    {
        return dirname(Pieces::path($this->file, $this->cuts));
    }
}

<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Run;
use App\Storage\Progress;
use App\View\Moment;
use ErrorException;
use Illuminate\Support\Facades\App;

/**
 * The report of a large run, or an export of it, made beside the application and kept for a while: a class that plays
 * meanwhile does not wait for it. A file of what it holds says by its name of which state of the run it is.
 */
final readonly class Making
{
    /** What is made where it is no export: the figures of the report's page. */
    public const FIGURES = 'figures';

    /** Seconds for which one is shown of a run that goes on meanwhile: it would never be the last. */
    private const LIVE = 60;

    /** Seconds that one is kept. */
    private const KEPT = 3600;

    /** Made at once; others wait. */
    private const AT_ONCE = 2;

    /** As far back as one can stand: whoever plays comes first. */
    private const NICE = 19;

    /** @param  string  $what  an Export, or FIGURES */
    public function __construct(private Run $run, private string $what)
    {
    }

    /** Null where so few played that it is made at once. */
    public static function ofLarge(Run $run, string $what): ?self
    {
        return $run->plays()->count() > config()->integer('fravel.large_run') ? new self($run, $what) : null;
    }

    /** The file that holds it, as the run is now; null where there is none. */
    public function made(): ?string
    {
        $exact = $this->path($this->state());
        if (is_file($exact)) {
            return $exact;
        }
        $fresh = array_filter(
            glob($this->path('*')) ?: [],
            static fn (string $path): bool => (int) @filemtime($path) > time() - self::LIVE,
        );

        return array_values($fresh)[0] ?? null;
    }

    /** Where it can be had. */
    public function address(): string
    {
        return route($this->what === self::FIGURES ? 'runs.report' : "runs.{$this->what}", $this->run);
    }

    /** @return array{state: 'none'|'waiting'|'making'|'made'|'failed', percent: int} */
    public function standing(): array
    {
        $progress = $this->progress();

        return [
            'state' => match (true) {
                $progress->isOnItsWay() => 'making',
                $this->made() !== null => 'made',
                $progress->isThere() => 'failed',
                $progress->others(self::folder('*').'/*.progress') >= self::AT_ONCE => 'waiting',
                default => 'none',
            },
            'percent' => $progress->percent(),
        ];
    }

    /**
     * Begins in a process of its own, where nothing is made of it yet; one that failed is not begun by itself.
     *
     * @return array{state: 'none'|'waiting'|'making'|'made'|'failed', percent: int} as it stands then
     */
    public function begin(): array
    {
        $standing = $this->standing();
        if ($standing['state'] !== 'none') {
            return $standing;
        }
        try {
            $this->progress()->begin(
                ['reports:make', $this->run->id, $this->what, App::getLocale(), Moment::zone()], self::NICE,
            );
        } catch (ErrorException) {
            return ['state' => 'failed', 'percent' => 0];
        }

        return $this->standing();
    }

    /** One that failed may be begun again. */
    public function forgetFailure(): void
    {
        $this->progress()->isOnItsWay() ?: $this->progress()->forget();
    }

    /**
     * Makes it. What was made before gives way.
     *
     * @throws ErrorException If there is no room for it.
     */
    public function run(): void
    {
        self::sweep();
        $path = $this->path($this->state());
        // Two that were begun in the same moment don't write into each other.
        $part = "{$path}.".bin2hex(random_bytes(6)).'.part';
        is_dir(dirname($path)) || @mkdir(dirname($path), 0o755, true);
        try {
            $this->write($part);
            clearstatcache();
            // What was deleted meanwhile took it along.
            if (is_file($part)) {
                array_map(unlink(...), glob($this->path('*')) ?: []);
                rename($part, $path);
            }
        } finally {
            is_file($part) && unlink($part);
        }
        $this->progress()->forget();
    }

    private function write(string $part): void
    {
        $stream = fopen($part, 'wb');
        if ($stream === false) {
            throw new ErrorException('The file could not be opened.');
        }
        $export = Export::tryFrom($this->what);
        $told = fn (int $percent) => $this->progress()->tell($percent);
        try {
            $export === null
                ? fwrite($stream, serialize(Report::of($this->run, $told)))
                : $export->write($this->run, $stream, $told);
        } finally {
            fclose($stream);
        }
    }

    /** The report as it was made; null while it is not. What can't be read is made again. */
    public function report(): ?Report
    {
        $made = $this->made();
        $report = $made === null ? null : @unserialize((string) file_get_contents($made));
        if ($made !== null && ! $report instanceof Report) {
            unlink($made);
        }

        return $report instanceof Report ? $report : null;
    }

    /** That it could not be made. */
    public function fail(): void
    {
        $this->progress()->fail();
    }

    /** Nothing of a run stays that was deleted, or of which a play was. */
    public static function forget(string $run): void
    {
        array_map(unlink(...), glob(self::folder($run).'/*') ?: []);
        @rmdir(self::folder($run));
    }

    /** What was kept long enough goes. */
    public static function sweep(): int
    {
        clearstatcache();
        $old = array_filter(
            glob(self::folder('*').'/*') ?: [],
            static fn (string $path): bool => (int) @filemtime($path) < time() - self::KEPT,
        );

        return count(array_filter($old, static fn (string $path): bool => @unlink($path)));
    }

    private function progress(): Progress
    {
        return new Progress($this->path('is').'.progress');
    }

    /** All of the run that what is made depends on. */
    private function state(): string
    {
        $plays = $this->run->plays()->toBase()->selectRaw(
            'count(*) as plays, sum(seq) as seq, max(acted_at) as acted, max(ended_at) as ended, '
                .'count(edition_id) as kept, max(id) as last',
        )->first();
        $told = [$plays, $this->run->getAttributes(), self::version()];

        return substr(hash('sha256', (string) json_encode($told)), 0, 20);
    }

    /** When the code was last changed of what is kept: what another version has made may be something else. */
    private static function version(): int
    {
        $files = [...glob(base_path('engine/*/*.php')) ?: [], ...glob(base_path('engine/*/*/*.php')) ?: []];

        return (int) max(array_map(filemtime(...), [__FILE__, ...$files, ...glob(__DIR__.'/*.php') ?: []]));
    }

    private function path(string $state): string
    {
        $as = substr(hash('sha256', App::getLocale().' '.Moment::zone()), 0, 8);

        return self::folder($this->run->id)."/{$this->what}-{$as}-{$state}.made";
    }

    private static function folder(string $run): string
    {
        return config()->string('fravel.reports').'/'.$run;
    }
}

<?php

declare(strict_types=1);

namespace App\Clips;

use App\Storage\WholeFile;
use Fravel\Support\Json;
use Fravel\Thing\Clip;

/**
 * A film cut at its stops, so that nobody can fetch what lies behind one that is not done. Times stay those of the
 * whole film: which piece holds them is known here alone.
 *
 * @phpstan-type Piece array{file: string, from: float, until: float}
 */
final readonly class Pieces
{
    /** Seconds at the beginning and the end of a film in which nothing is cut. */
    private const RIM = 0.2;

    /** @param  list<Piece>  $all  in their order; times in seconds of the whole film */
    private function __construct(public array $all)
    {
    }

    /** Those of a film cut where this clip waits for its students; null where it was not cut there. */
    public static function of(string $file, Clip $clip): ?self
    {
        return self::at($file, self::cuts($clip));
    }

    /** @param  list<float>  $cuts */
    public static function at(string $file, array $cuts): ?self
    {
        $written = $cuts === [] ? false : @file_get_contents(self::path($file, $cuts));
        /** @var list<Piece>|null $all */
        $all = $written === false ? null : Json::read($written);

        return is_array($all) && $all !== [] ? new self($all) : null;
    }

    /**
     * @param  list<float>  $cuts
     * @param  list<Piece>  $all
     */
    public static function keep(string $file, array $cuts, array $all): void
    {
        WholeFile::write(self::path($file, $cuts), Json::write($all));
    }

    /** @return list<float> seconds at which the clip waits: the film is cut there */
    public static function cuts(Clip $clip): array
    {
        $cuts = [];
        foreach ($clip->stops as $stop) {
            $isWithin = $stop->at > self::RIM && ($clip->length === 0.0 || $stop->at < $clip->length - self::RIM);
            $stop->lasts === null && $isWithin ? $cuts[sprintf('%.3F', $stop->at)] = round($stop->at, 3) : null;
        }
        sort($cuts);

        return $cuts;
    }

    /**
     * Those that may be seen by now.
     *
     * @param  list<array{float, float|null}>  $reached  from and to, in seconds; null for the end
     * @return list<Piece>
     */
    public function within(array $reached): array
    {
        $isIn = static function (array $piece) use ($reached): bool {
            foreach ($reached as [$from, $to]) {
                if (($to === null || $piece['from'] < $to - self::RIM / 2) && $piece['until'] > $from) {
                    return true;
                }
            }

            return false;
        };

        return array_values(array_filter($this->all, $isIn));
    }

    /** @param  list<float>  $cuts */
    public static function path(string $file, array $cuts): string
    {
        $at = implode(' ', array_map(static fn (float $cut): string => sprintf('%.3F', $cut), $cuts));

        return config()->string('fravel.files').'/pieces/'.basename($file).'-'.hash('xxh128', $at).'.json';
    }
}

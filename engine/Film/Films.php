<?php

declare(strict_types=1);

namespace Fravel\Film;

use Fravel\Document\Reaction;
use Fravel\Document\Route;
use Fravel\Support\Node;
use Fravel\Thing\Things;

/**
 * The clips of a game with their stops and moments, found in the scenes as they are written. A stop is a scene of its
 * own that names a clip and a moment, so all that a scene can hold and do, a stop can; what ties it to the film is
 * worked out here once, and written into the scenes before they are read.
 *
 * @phpstan-type Written array<array-key, mixed>
 */
final readonly class Films
{
    /**
     * @param  array<string, string>  $homes  clip → the scene it stands in
     * @param  array<string, list<Written>>  $stops  clip → stops as they are completed, in the order of their moments
     * @param  array<string, Moment>  $moments
     * @param  array<string, Written>  $ends  clip → when its end may have been reached, where anything lies before it
     */
    private function __construct(
        private array $homes, private array $stops, private array $moments, private array $ends,
    ) {
    }

    /** @param  list<Written>  $scenes */
    public static function in(array $scenes): self
    {
        [$homes, $moments] = self::clips($scenes);
        [$stops, $ends] = [[], []];
        foreach ($scenes as $scene) {
            $clip = self::clipOf($scene);
            if (isset($homes[$clip]) && $homes[$clip] !== $scene['id']) {
                $stops[$clip][] = $scene;
            }
        }
        foreach ($stops as $clip => $of) {
            usort($of, static fn (array $a, array $b): int => Gates::at($a) <=> Gates::at($b));
            $own = array_filter($moments, static fn (Moment $moment): bool => $moment->clip === $clip);
            $all = Gates::of($of, array_values($own));
            $ends[$clip] = array_pop($all)['gate'] ?? null;
            foreach ($all as $place => $gates) {
                $of[$place]['stop'] = ['home' => $homes[$clip], 'needs' => $of[$place]['needs'] ?? null] + $gates
                    + $of[$place]['stop'];
            }
            $stops[$clip] = $of;
        }

        return new self($homes, $stops, $moments, array_filter($ends));
    }

    /** Whether reading the scene needs to know of others: it holds a clip, or is a stop. */
    public static function concern(mixed $scene): bool
    {
        if (! is_array($scene)) {
            return false;
        }
        $things = is_array($scene['things'] ?? null) ? $scene['things'] : [];

        return isset($scene['stop']) || in_array('clip', array_column($things, 'kind'), true);
    }

    public function moment(string $id): ?Moment
    {
        return $this->moments[$id] ?? null;
    }

    public function homeOf(string $clip): ?string
    {
        return $this->homes[$clip] ?? null;
    }

    /** @return list<array{string, string}> for each stop, the scene of its clip and the stop */
    public function ways(): array
    {
        $ways = [];
        foreach ($this->stops as $clip => $stops) {
            foreach ($stops as $stop) {
                $ways[] = [$this->homes[$clip], (string) $stop['id']];
            }
        }

        return $ways;
    }

    /**
     * The scene with what ties it to a film: a clip knows its stops, and a stop when the film may go on.
     *
     * @param  Written  $scene
     * @return Written
     */
    public function completed(array $scene): array
    {
        if (isset($scene['stop'])) {
            $scene = $this->asStop($scene);
        }
        foreach (is_array($scene['things'] ?? null) ? $scene['things'] : [] as $place => $thing) {
            if (($thing['kind'] ?? '') === 'clip') {
                $scene = $this->withFilm($scene, $place);
            }
        }

        return $scene;
    }

    /**
     * The clip knows its stops, and going on from its scene waits until the film is through.
     *
     * @param  Written  $scene
     * @return Written
     */
    private function withFilm(array $scene, int|string $place): array
    {
        $clip = $scene['things'][$place]['id'];
        $end = ($scene['things'][$place]['free'] ?? false) === true ? null : $this->ends[$clip] ?? null;
        $scene['things'][$place] = [
            'stops' => array_map(
                static fn (array $stop): array => ['id' => $stop['id']] + $stop['stop'], $this->stops[$clip] ?? [],
            ),
            'through' => $end,
        ] + $scene['things'][$place];
        if ($end !== null && isset($scene['next'])) {
            $scene['next'] = self::onceDone($scene['next'], $end);
        }

        return $scene;
    }

    /**
     * On in the film; where choices lead on from a stop that waits and asks nothing else, they alone do.
     *
     * @param  Written  $scene
     * @return Written
     */
    private static function usualWay(array $scene): array
    {
        $things = Things::rawFlattened($scene['things'] ?? []);
        $leads = static fn (Reaction $one): bool => $one->leadsOn();
        $leading = array_filter($things, static fn (array $thing): bool => $thing['kind'] === 'choice'
            && array_filter(Reaction::listed(Node::root($thing), 'react'), $leads) !== []);
        $isChoice = $leading !== [] && ! in_array('lock', array_column($things, 'kind'), true);

        return $isChoice && Gates::waits($scene) ? [] : [['go' => Route::ON]];
    }

    /**
     * @param  Written|null  $done
     * @return list<Written> what going on does, where that is so
     */
    private static function onceDone(mixed $next, ?array $done): array
    {
        $next = is_array($next) ? (array_is_list($next) ? $next : [$next]) : [];

        return array_values(array_map(
            static fn (array $one): array => ['if' => self::both($done, $one['if'] ?? null)] + $one,
            array_filter($next, is_array(...)),
        ));
    }

    /**
     * The clip that a scene says it is a stop of; '' for none.
     *
     * @param  Written  $scene
     */
    private static function clipOf(array $scene): string
    {
        $clip = is_array($scene['stop'] ?? null) ? $scene['stop']['clip'] ?? '' : '';

        return is_string($clip) ? $clip : '';
    }

    /**
     * @param  Written  $scene
     * @return Written
     */
    private function asStop(array $scene): array
    {
        $known = array_column($this->stops[self::clipOf($scene)] ?? [], null, 'id')[$scene['id']] ?? null;
        if ($known === null) {
            return ['stop' => null] + $scene;
        }
        $next = ($scene['next'] ?? []) === [] ? self::usualWay($scene) : $scene['next'];

        return ['stop' => $known['stop'], 'next' => self::onceDone($next, $known['stop']['done'])] + $scene;
    }

    /**
     * @param  Written|null  $done
     * @return Written|null
     */
    private static function both(?array $done, mixed $if): ?array
    {
        return is_array($if) ? ($done === null ? $if : ['all' => [$done, $if]]) : $done;
    }

    /**
     * @param  list<Written>  $scenes
     * @return array{array<string, string>, array<string, Moment>}
     */
    private static function clips(array $scenes): array
    {
        [$homes, $moments] = [[], []];
        foreach ($scenes as $scene) {
            foreach ($scene['things'] ?? [] as $thing) {
                if (($thing['kind'] ?? '') !== 'clip') {
                    continue;
                }
                $homes[$thing['id']] ??= $scene['id'];
                foreach (Node::root($thing)->list('moments') as $node) {
                    $moment = Moment::read($node, $thing['id'], $scene['id']);
                    $moments[$moment->id] ??= $moment;
                }
            }
        }

        return [$homes, $moments];
    }
}

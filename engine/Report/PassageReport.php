<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\Document\GameDocument;
use Fravel\Film\Moment;
use Fravel\Thing\Clip;
use Fravel\Thing\Things;

/** How often a moment of a film was led to, as a way into it or to be seen again. */
final readonly class PassageReport
{
    /**
     * @param  string  $scene  where its film stands
     * @param  int  $plays  plays that were led there
     * @param  int  $times  how often, in all of them
     */
    private function __construct(public Moment $moment, public string $scene, public int $plays, public int $times)
    {
    }

    /**
     * @param  list<PlayLog>  $logs
     * @return list<self> in the order of the films; those that nobody was led to are left out
     */
    public static function all(GameDocument $game, array $logs): array
    {
        $times = array_map(self::times(...), $logs);
        $reports = [];
        foreach ($game->scenes() as $scene) {
            foreach (Things::clips($scene->things) as $clip) {
                array_push($reports, ...self::of($clip, $scene->id, $times));
            }
        }

        return $reports;
    }

    /** @return array<string, int> moment → how often the play was led there */
    private static function times(PlayLog $log): array
    {
        $times = [];
        foreach ($log->deeds as $deed) {
            foreach ($deed->wound() as $moment) {
                $times[$moment] = ($times[$moment] ?? 0) + 1;
            }
        }

        return $times;
    }

    /**
     * @param  list<array<string, int>>  $times  of each play, moment → how often it was led there
     * @return list<self>
     */
    private static function of(Clip $clip, string $scene, array $times): array
    {
        $moments = $clip->moments;
        usort($moments, static fn (Moment $one, Moment $other): int => $one->at <=> $other->at);
        $reports = array_map(static fn (Moment $moment): self => new self(
            $moment,
            $scene,
            count(array_filter(array_column($times, $moment->id))),
            (int) array_sum(array_column($times, $moment->id)),
        ), $moments);

        return array_values(array_filter($reports, static fn (self $report): bool => $report->plays > 0));
    }
}

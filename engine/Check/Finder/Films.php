<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Scene;
use Fravel\Document\Showing;
use Fravel\Film\Moment;
use Fravel\Film\Stop;
use Fravel\Thing\Clip;
use Fravel\Thing\Line;
use Fravel\Thing\Things;

/** Stops, passages and captions that a film does not have the time for, and films without words to read. */
final class Films implements Finder
{
    /** Seconds that a length told by a browser may be off. */
    private const SLACK = 0.5;

    public static function find(CheckContext $context): array
    {
        $findings = [];
        foreach ($context->game->scenes() as $scene) {
            foreach (Things::clips($scene->things) as $clip) {
                array_push($findings, ...self::in($clip, $scene, $context));
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function in(Clip $clip, Scene $scene, CheckContext $context): array
    {
        $words = ['scene' => $context->titleOf($scene->id)];
        $findings = [];
        foreach (self::beyond($clip, $clip->stops) as $stop) {
            $findings[] = Finding::error('stop.beyond', [$stop->id], [
                'stop' => $context->titleOf($stop->id), 'length' => Showing::clock((int) $clip->length),
            ] + $words);
        }
        foreach (self::beyond($clip, $clip->moments) as $moment) {
            $findings[] = Finding::error('moment.beyond', [$clip->id, $scene->id], [
                'moment' => $moment->title, 'length' => Showing::clock((int) $clip->length),
            ] + $words);
        }
        if (self::beyond($clip, $clip->lines) !== []) {
            $findings[] = Finding::warning('captions.beyond', [$clip->id, $scene->id], [
                'count' => count(self::beyond($clip, $clip->lines)), 'length' => Showing::clock((int) $clip->length),
            ] + $words);
        }
        $overlap = self::overlap($clip->lines);
        if ($overlap !== null) {
            $findings[] = Finding::warning('captions.overlap', [$clip->id, $scene->id], [
                'at' => Showing::clock((int) $overlap->at), 'text' => mb_strimwidth($overlap->text, 0, 40, '…'),
            ] + $words);
        }
        if ($clip->lines === [] && $clip->captions === null && ! $clip->lacksFile()) {
            $findings[] = Finding::warning('captions.missing', [$clip->id, $scene->id], $words);
        }

        return $findings;
    }

    /**
     * @template T of Stop|Moment|Line
     *
     * @param  list<T>  $ones
     * @return list<T> those that begin after the end, where that is known
     */
    private static function beyond(Clip $clip, array $ones): array
    {
        return $clip->length <= 0 ? [] : array_values(array_filter(
            $ones, static fn (Stop|Moment|Line $one): bool => $one->at > $clip->length + self::SLACK,
        ));
    }

    /**
     * The first line that begins before the one before it is over.
     *
     * @param  list<Line>  $lines  in the order of their beginnings
     */
    private static function overlap(array $lines): ?Line
    {
        foreach ($lines as $place => $line) {
            if ($place > 0 && $line->at < $lines[$place - 1]->until - 0.001) {
                return $line;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/** How much help a play needs now, and why: by the class's own times and tries. */
final readonly class Need
{
    /** Shorter than this nobody is stuck, in seconds; and what is taken for usual while nobody was through. */
    private const PATIENCE = 120;

    private const USUAL = 180;

    /** Times the class's middle, and wrong tries, from which on somebody is stuck. */
    private const SLOW = 2.0;

    private const TRIES = 4;

    /**
     * @param  string|null  $lock  before which it stands: the one that was tried most of those that are shut here
     * @param  int  $tries  wrong answers to it
     * @param  int|null  $median  seconds in which half of those who were through were through; null while too few were
     * @param  bool  $isStuck  whether somebody should look
     * @param  float  $worth  to put plays in order: the highest needs help most
     */
    private function __construct(
        public ?string $lock,
        public int $tries,
        public int $seconds,
        public ?int $median,
        public bool $isStuck,
        public float $worth,
    ) {
    }

    /**
     * @param  int  $seconds  since it came here or opened something
     * @param  array<string, int>  $medians  lock → seconds until it opened, in the middle of the class
     */
    public static function of(GameDocument $game, PlayState $state, int $seconds, int $now, array $medians): self
    {
        $lock = self::lockBefore($game, $state, $now);
        $tries = $lock === null ? 0 : $state->triesOn($lock->id);
        $median = $lock === null ? null : $medians[$lock->id] ?? null;
        // However quick a class is: whoever is slower than that has its patience.
        $slow = $seconds / max(self::PATIENCE / self::SLOW, $median ?? self::USUAL);
        $isBehind = $slow >= self::SLOW || $tries >= self::TRIES;
        // Who waits for the teacher to read an answer is not stuck.
        $isStuck = $state->ended === null && $lock !== null && $isBehind && ! $state->isAwaited($lock->id);
        $worth = $state->ended !== null ? -1.0 : log(1 + $slow, 2) + 0.5 * $tries + ($isStuck ? 100 : 0);

        return new self($lock?->id, $tries, $seconds, $median, $isStuck, $worth);
    }

    private static function lockBefore(GameDocument $game, PlayState $state, int $now): ?Lock
    {
        $shown = $game->scene($state->scene)?->shown($state, $now) ?? [];
        $shut = array_values(array_filter(
            Things::locks($shown), static fn (Lock $lock): bool => ! $state->isOpen($lock->id),
        ));
        $tries = static fn (Lock $lock): int => $state->triesOn($lock->id);
        usort($shut, static fn (Lock $one, Lock $other): int => $tries($other) <=> $tries($one));

        return $shut[0] ?? null;
    }
}

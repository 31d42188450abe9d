<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

/** What a search over the ways through a game came to. */
final readonly class Reach
{
    /** @var array<string, true> scenes that can be entered */
    public array $scenes;

    /** @var array<string, true> locks that can be asked for an answer */
    public array $ready;

    /** @var array<string, true> tokens that can be held */
    public array $given;

    /** @var array<string, true> scenes in which arrivals lead on and on */
    public array $loops;

    /**
     * @var array<string, true> locks of which it could not be worked out what they take: they count as if somebody
     *     found an answer
     */
    public array $unsure;

    /**
     * @param  bool  $isComplete  whether every way was covered
     * @param  array{scene: string, actions: list<array<string, mixed>>}|null  $trap  the nearest state from which no
     *     ending can be reached
     * @param  int|null  $shortest  fewest actions to an ending, where known
     * @param  int|null  $longest  fewest actions to the farthest state, where known
     */
    public function __construct(
        public bool $isComplete,
        Notes $notes,
        public ?array $trap,
        public int $states,
        public ?int $shortest,
        public ?int $longest,
    ) {
        $this->scenes = $notes->scenes;
        $this->ready = $notes->ready;
        $this->given = $notes->given;
        $this->loops = $notes->loops;
        $this->unsure = $notes->unsure;
    }

    /** Where nothing could be found out. */
    public static function unknown(): self
    {
        return new self(false, new Notes(), null, 0, null, null);
    }

    /** Whether both came to the same scenes, locks, tokens and loops. */
    public function isSameAs(self $other): bool
    {
        foreach (['scenes', 'ready', 'given', 'loops'] as $found) {
            if (
                array_diff_key($this->{$found}, $other->{$found}) !== [] ||
                array_diff_key($other->{$found}, $this->{$found}) !== []
            ) {
                return false;
            }
        }

        return true;
    }

    /** The same, where how long the ways are is not known. */
    public function withoutLengths(): self
    {
        $notes = new Notes();
        [$notes->scenes, $notes->ready, $notes->given, $notes->loops, $notes->unsure] = [
            $this->scenes,
            $this->ready,
            $this->given,
            $this->loops,
            $this->unsure,
        ];

        return new self($this->isComplete, $notes, $this->trap, $this->states, null, null);
    }
}

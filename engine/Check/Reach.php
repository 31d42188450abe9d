<?php

declare(strict_types=1);

namespace Fravel\Check;

/** What a search over the ways through a game came to. */
final readonly class Reach
{
    /**
     * @param  bool  $isComplete  whether every way was covered
     * @param  array<string, true>  $scenes  that can be entered
     * @param  array<string, true>  $ready  locks that can be asked for an answer
     * @param  array<string, true>  $given  tokens that can be held
     * @param  array{scene: string, actions: list<array<string, mixed>>}|null  $trap  the nearest state from which no ending can be reached
     * @param  int|null  $shortest  fewest actions to an ending, where known
     * @param  int  $longest  fewest actions to the farthest state
     */
    public function __construct(
        public bool $isComplete,
        public array $scenes,
        public array $ready,
        public array $given,
        public ?array $trap,
        public int $states,
        public ?int $shortest,
        public int $longest,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Document;

/** What a game holds more of than it may. */
final readonly class Excess
{
    /**
     * @param  string  $what  scenes, things, stops, steps, values and the other lists of Bounds
     * @param  string  $in  id of what holds them; '' for the game
     * @param  list<string>  $beyond  JSON pointers of those that are too many
     */
    public function __construct(
        public string $what, public string $in, public int $most, public int $found, public array $beyond,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Support\Node;

/** A recorded way through the game: where it begins, what is done, and where each step led. */
final readonly class Walkthrough
{
    /**
     * @param  string|null  $from  a scene; null for the start
     * @param  list<string>  $holding  tokens held at the beginning
     * @param  array<string, int|float>  $tallies  as they stand at the beginning, those that differ from their start
     * @param  list<array<array-key, mixed>>  $steps  actions, each with `after` (seconds since the one before) and `at`
     *     (the scene it led to)
     */
    private function __construct(
        public string $id,
        public string $name,
        public int $seed,
        public ?string $from,
        public array $holding,
        public array $tallies,
        public array $steps,
    ) {
    }

    public static function read(Node $node): self
    {
        $tallies = array_filter(
            $node->at('tallies')->fields(),
            static fn (mixed $value): bool => is_int($value) || is_float($value),
        );
        $steps = array_map(static fn (Node $step): array => $step->fields(), $node->list('steps'));

        return new self(
            $node->id(),
            $node->text('name'),
            $node->whole('seed', 1),
            $node->maybeText('from'),
            $node->texts('holding'),
            $tallies,
            $steps,
        );
    }
}

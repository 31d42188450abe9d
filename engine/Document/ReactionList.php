<?php

declare(strict_types=1);

namespace Fravel\Document;

/** Reactions of which the first that fits fires, where they stand, and what sets them off. */
final readonly class ReactionList
{
    /**
     * @param  string  $owner  id of the part whose field holds it
     * @param  list<Reaction>  $reactions
     * @param  string|null  $fact  that changes whatever the reactions do: a hint given, a try counted
     */
    public function __construct(
        public string $owner,
        public string $field,
        public Trigger $on,
        public array $reactions,
        public ?string $fact = null,
    ) {
    }

    /** Whether any of them does something or leads elsewhere. */
    public function acts(): bool
    {
        foreach ($this->reactions as $reaction) {
            if ($reaction->acts()) {
                return true;
            }
        }

        return false;
    }

    /** Whether its conditions decide if it can be set off at all, not only what it does. */
    public function isGate(): bool
    {
        return $this->on === Trigger::Hint;
    }

    /** Whether one stands behind another that always fires. */
    public function hasIdle(): bool
    {
        return array_filter(
            array_slice($this->reactions, 0, -1),
            static fn (Reaction $reaction): bool => $reaction->if === null,
        ) !== [];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\State;

use stdClass;

/** What a student does: one verb, and what it is done to. */
final readonly class Action
{
    /** Verb → whether it takes the id of a thing. */
    private const VERBS = [
        'choose' => true,
        'answer' => true,
        'lift' => true,
        'lower' => true,
        'judge' => true,
        'find' => true,
        'hint' => true,
        'cue' => true,
        'back' => false,
        'continue' => false,
    ];

    private function __construct(public string $verb, public string $on, public mixed $with)
    {
    }

    /** The action this is, or null when it is none of those the format describes. */
    public static function of(mixed $sent): ?self
    {
        if (! is_array($sent)) {
            return null;
        }
        $verbs = array_values(array_intersect(array_keys(self::VERBS), array_keys($sent)));
        if (count($verbs) !== 1) {
            return null;
        }
        $verb = $verbs[0];
        $on = $sent[$verb];
        if (self::VERBS[$verb] ? ! is_string($on) : $on !== true) {
            return null;
        }
        $with = $sent['with'] ?? null;

        return new self($verb, is_string($on) ? $on : '', $with instanceof stdClass ? [] : $with);
    }

    /** Whether something is said with it that need not be. */
    private function isSaid(): bool
    {
        return in_array($this->verb, ['lift', 'judge', 'find'], true) && $this->with !== null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [$this->verb => $this->on === '' ? true : $this->on] +
            ($this->verb === 'answer' || $this->isSaid() ? ['with' => $this->with] : []);
    }
}

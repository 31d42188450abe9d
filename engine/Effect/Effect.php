<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Condition\Observed;
use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** One change of a play's state; the key it is written under names its kind. */
interface Effect
{
    /** Field → what it holds: the kind of part it names, or one of the shapes of Walk. */
    public const FIELDS = [];

    public static function read(Node $node): self;

    /** @return array<string, mixed> field → what the published JSON Schema says of it */
    public static function schema(): array;

    /** The next state, or the same object when nothing changes. */
    public function apply(PlayState $state, GameDocument $game): PlayState;

    /** @return list<string> facts that it may change */
    public function changes(GameDocument $game): array;

    /** Whether a play that had more before it has no less after it, and it never makes a play less than it was. */
    public function isGain(): bool;

    /** Whether something may be gone after it, or a number is another than a sum would be. */
    public function mayTake(): bool;

    /** @return array<string, int|float> number → how much it adds, whatever the number was */
    public function adds(): array;

    /** @return array<string, int|float> number → what it is after it, whatever it was */
    public function puts(): array;

    /** Looks at the facts that decide what it does, where that is not the same in every state. */
    public function observe(Observed $seen): void;

    public function said(): Wording;
}

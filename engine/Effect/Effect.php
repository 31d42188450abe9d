<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** One change of a play's state; the key it is written under names its kind. */
interface Effect
{
    /** Field → kind of part it names; read by References. */
    public const REFERS = [];

    public static function read(Node $node): self;

    /** The next state, or the same object when nothing changes. */
    public function apply(PlayState $state, GameDocument $game): PlayState;
}

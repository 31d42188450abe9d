<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** A question about a play that is answered with yes or no; the key it is written under names its kind. */
interface Condition
{
    /** Field → kind of part it names; read by References. */
    public const REFERS = [];

    public static function read(Node $node): self;

    /** @param  int  $now seconds since 1970 */
    public function holds(PlayState $state, int $now): bool;
}

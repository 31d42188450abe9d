<?php

declare(strict_types=1);

namespace Fravel\State;

enum Verdict: string
{
    /** The answer is right and the lock opens. */
    case Open = 'open';

    /** Not right, and near enough for the teacher to say so; counts as a try. */
    case Almost = 'almost';

    /** Not right; counts as a try. */
    case Wrong = 'wrong';

    public function isTry(): bool
    {
        return $this !== self::Open;
    }
}

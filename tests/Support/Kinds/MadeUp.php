<?php

declare(strict_types=1);

namespace Tests\Support\Kinds;

use Fravel\Answer\Input\Inputs;
use Fravel\Answer\Matcher\Matchers;
use Fravel\Condition\Conditions;
use Fravel\Effect\Effects;
use Fravel\Thing\Things;

/** One kind of each family that no game has, to see that the engine asks nothing of a kind but what it says itself. */
final class MadeUp
{
    public static function teach(): void
    {
        Conditions::teach('hinted', Hinted::class);
        Effects::teach('swap', Swap::class);
        Things::teach('bell', Bell::class);
        Inputs::teach('dial', Dial::class);
        Matchers::teach('palindrome', Palindrome::class);
    }

    public static function unlearn(): void
    {
        Conditions::unlearn('hinted');
        Effects::unlearn('swap');
        Things::unlearn('bell');
        Inputs::unlearn('dial');
        Matchers::unlearn('palindrome');
    }
}

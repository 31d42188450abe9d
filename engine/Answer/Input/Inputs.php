<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Support\Node;
use Fravel\Support\OpenFamily;

/** The family: one line for each kind of input. */
final class Inputs
{
    /** @use OpenFamily<Input> */
    use OpenFamily;

    public const FAMILY = [
        'text' => Text::class,
        'long' => Long::class,
        'number' => Number::class,
        'digits' => Digits::class,
        'keys' => Keys::class,
        'arrows' => Arrows::class,
        'colours' => Colours::class,
        'options' => Options::class,
        'order' => Order::class,
        'pairs' => Pairs::class,
        'gaps' => Gaps::class,
        'point' => Point::class,
    ];

    public static function read(Node $node): Input
    {
        $type = $node->oneOf('type', array_keys(self::kinds()), 'text');

        return self::kinds()[$type]::read($node);
    }
}

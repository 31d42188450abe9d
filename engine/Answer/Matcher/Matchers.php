<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Support\Node;
use Fravel\Support\OpenFamily;

/** The family: one line for each kind of matcher. */
final class Matchers
{
    /** @use OpenFamily<Matcher> */
    use OpenFamily;

    public const FAMILY = [
        'equals' => Equals::class,
        'has' => Has::class,
        'hasAll' => HasAll::class,
        'like' => Like::class,
        'pattern' => Pattern::class,
        'close' => Close::class,
        'number' => Number::class,
        'between' => Between::class,
        'mathematics' => Mathematics::class,
        'length' => Length::class,
        'form' => Form::class,
        'options' => Options::class,
        'order' => Order::class,
        'pairs' => Pairs::class,
        'gaps' => Gaps::class,
        'inside' => Inside::class,
        'right' => Right::class,
        'all' => All::class,
        'any' => Any::class,
        'not' => Not::class,
        'anything' => Anything::class,
    ];

    public static function read(Node $node): Matcher
    {
        $kind = $node->variant(self::kinds());

        return $kind === null ? new Any([]) : $kind::read($node);
    }

    /** @return array<string, Matcher> what each gap of a text asks for; none where no gaps are asked for */
    public static function gaps(Matcher $matcher): array
    {
        $counted = $matcher instanceof Right ? $matcher->of : $matcher;

        return $counted instanceof Gaps ? $counted->gaps : [];
    }

    /** @return list<Matcher> */
    public static function listed(Node $node, string $key): array
    {
        return array_map(self::read(...), $node->list($key));
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\Support\Node;
use Fravel\Support\OpenFamily;

/** The family: one line for each kind of condition. */
final class Conditions
{
    /** @use OpenFamily<Condition> */
    use OpenFamily;

    public const FAMILY = [
        'all' => All::class,
        'any' => Any::class,
        'not' => Not::class,
        'has' => Has::class,
        'hasOf' => HasOf::class,
        'tally' => TallyStands::class,
        'leads' => Leads::class,
        'tied' => Tied::class,
        'visited' => Visited::class,
        'open' => Open::class,
        'openOf' => OpenOf::class,
        'firstTry' => FirstTry::class,
        'tries' => Tries::class,
        'lifted' => Lifted::class,
        'liftedOf' => LiftedOf::class,
        'found' => Found::class,
        'minutes' => Minutes::class,
    ];

    /** A condition nested deeper than this is refused: the call stack is not the place to find out. */
    private const DEEPEST = 30;

    public static function read(Node $node): Condition
    {
        if (substr_count($node->pointer, '/') > 2 * self::DEEPEST) {
            $node->problems->add('condition.deep', $node->pointer);

            return new All([]);
        }
        $kind = $node->variant(self::kinds());

        return $kind === null ? new All([]) : $kind::read($node);
    }

    public static function maybe(Node $node): ?Condition
    {
        return $node->value === null ? null : self::read($node);
    }

    /** @return list<Condition> */
    public static function listed(Node $node, string $key): array
    {
        return array_map(self::read(...), $node->list($key));
    }
}

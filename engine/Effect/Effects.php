<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Support\Node;
use Fravel\Support\OpenFamily;

/** The family: one line for each kind of effect. */
final class Effects
{
    /** @use OpenFamily<Effect> */
    use OpenFamily;

    public const FAMILY = [
        'give' => Give::class,
        'take' => Take::class,
        'add' => Add::class,
        'set' => Set::class,
        'must' => Decide::class,
        'never' => RuleOut::class,
        'open' => OpenLock::class,
        'close' => CloseLock::class,
        'lift' => Lift::class,
        'lower' => Lower::class,
        'forget' => Forget::class,
    ];

    /** @return list<Effect> */
    public static function listed(Node $node, string $key): array
    {
        $effects = [];
        foreach ($node->list($key) as $entry) {
            $kind = $entry->variant(self::kinds());
            if ($kind !== null) {
                $effects[] = $kind::read($entry);
            }
        }

        return $effects;
    }
}

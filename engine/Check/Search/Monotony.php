<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Document\GameDocument;

/**
 * Whether in a game more is never less: nothing is taken, closed, lowered or asked not to be, tallies only rise and are only
 * compared upward, and no list of reactions leads elsewhere once more of it holds,
 * but for what wrong answers set off. Then a larger state can do all that a
 * smaller one can. Where in doubt the answer is no.
 *
 * @phpstan-type Raw array<array-key, mixed>
 */
final class Monotony
{
    /** A lock that an effect opens has not given what its rule would: that is no gain alone. */
    private const RISING = ['give', 'add', 'lift'];

    public static function holdsIn(GameDocument $game): bool
    {
        $scenes = $game->document['scenes'] ?? [];
        foreach (is_array($scenes) ? $scenes : [] as $scene) {
            if (! is_array($scene) || ! self::scene($scene)) {
                return false;
            }
        }

        return true;
    }

    /** @param  Raw  $scene */
    private static function scene(array $scene): bool
    {
        $isPlain = self::isUpward($scene['needs'] ?? null) && self::onlySays($scene['refused'] ?? null) && self::isOne($scene['arrive'] ?? null) && self::stays($scene['arrive'] ?? null)
            && self::isOne($scene['next'] ?? null);
        foreach (self::entries($scene['things'] ?? null) as $thing) {
            $isPlain = $isPlain && self::thing($thing);
        }

        return $isPlain;
    }

    /** @param  Raw  $thing */
    private static function thing(array $thing): bool
    {
        foreach (['if', 'needs'] as $key) {
            if (! self::isUpward($thing[$key] ?? null)) {
                return false;
            }
        }

        return self::isOne($thing['react'] ?? null) && self::allRise($thing['otherwise'] ?? null) && self::onlySays($thing['opened'] ?? null)
            && self::onlySays($thing['hints'] ?? null) && self::rules($thing) && ! isset($thing['cues'])
            && ! str_contains((string) json_encode($thing['input'] ?? null), '"do":[{');
    }

    /**
     * One rule opens, or all that open do the same; what the others set off takes nothing away.
     *
     * @param  Raw  $thing
     */
    private static function rules(array $thing): bool
    {
        $opening = null;
        foreach (self::entries($thing['rules'] ?? null) as $rule) {
            if (($rule['verdict'] ?? 'wrong') !== 'open') {
                if (! self::rises($rule)) {
                    return false;
                }

                continue;
            }
            $does = [$rule['do'] ?? [], $rule['go'] ?? null];
            if (isset($rule['if']) || ! self::rises($rule) || ($opening !== null && $opening !== $does)) {
                return false;
            }
            $opening = $does;
        }

        return true;
    }

    private static function isUpward(mixed $condition): bool
    {
        if ($condition === null) {
            return true;
        }
        if (! is_array($condition)) {
            return false;
        }
        foreach (['all', 'any'] as $key) {
            foreach (self::entries($condition[$key] ?? null) as $part) {
                if (! self::isUpward($part)) {
                    return false;
                }
            }
        }
        $isRising = array_intersect(['all', 'any', 'has', 'hasOf', 'visited', 'open', 'openOf', 'lifted'], array_keys($condition)) !== [];

        return $isRising || ((isset($condition['tally']) || isset($condition['minutes'])) && in_array($condition['is'] ?? '>=', ['>=', '>'], true));
    }

    /** At most one reaction, with an upward condition and rising effects; or several that only speak. */
    private static function isOne(mixed $reactions): bool
    {
        $list = self::entries($reactions);
        if (count($list) > 1) {
            return self::onlySays($reactions);
        }

        return $list === [] || (self::isUpward($list[0]['if'] ?? null) && self::rises($list[0]));
    }

    private static function onlySays(mixed $reactions): bool
    {
        $acting = array_filter(self::entries($reactions), static fn (array $reaction): bool => ($reaction['do'] ?? []) !== []);

        return $acting === [] && self::stays($reactions);
    }

    private static function allRise(mixed $reactions): bool
    {
        return array_filter(self::entries($reactions), static fn (array $reaction): bool => ! self::rises($reaction)) === [];
    }

    private static function stays(mixed $reactions): bool
    {
        $going = array_filter(self::entries($reactions), static fn (array $reaction): bool => ! in_array($reaction['go'] ?? null, [null, '', '@stay'], true));

        return $going === [];
    }

    /** @param  Raw  $reaction */
    private static function rises(array $reaction): bool
    {
        foreach (self::entries($reaction['do'] ?? null) as $effect) {
            if (! in_array(array_key_first($effect), self::RISING, true) || ($effect['by'] ?? 1) < 0) {
                return false;
            }
        }

        return ! in_array($reaction['go'] ?? null, ['@back'], true);
    }

    /** @return list<Raw> */
    private static function entries(mixed $list): array
    {
        if (! is_array($list)) {
            return [];
        }

        return array_is_list($list) ? array_values(array_filter($list, is_array(...))) : [$list];
    }
}

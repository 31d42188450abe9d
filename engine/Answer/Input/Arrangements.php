<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

/** All ways to put signs together, where there are no more than so many. */
final class Arrangements
{
    /**
     * @param  list<string>  $signs
     * @return list<list<string>>|null
     */
    public static function lists(array $signs, int $length, int $most): ?array
    {
        if ($signs === [] || count($signs) ** $length > $most) {
            return null;
        }
        $lists = [[]];
        for ($place = 0; $place < $length; $place++) {
            $lists = array_merge(
                ...array_map(
                    static fn (array $list): array => array_map(
                        static fn (string $sign): array => [...$list, $sign],
                        $signs,
                    ),
                    $lists,
                ),
            );
        }

        return $lists;
    }

    /**
     * @param  list<string>  $signs
     * @return list<string>|null
     */
    public static function texts(array $signs, int $length, int $most): ?array
    {
        $lists = self::lists($signs, $length, $most);

        return $lists === null ? null : array_map(static fn (array $list): string => implode('', $list), $lists);
    }

    /**
     * @param  list<string>  $ids
     * @return list<list<string>>|null all but the empty one
     */
    public static function sets(array $ids, int $most): ?array
    {
        if (2 ** count($ids) > $most) {
            return null;
        }
        $sets = [[]];
        foreach ($ids as $id) {
            $sets = [...$sets, ...array_map(static fn (array $set): array => [...$set, $id], $sets)];
        }

        return array_slice($sets, 1);
    }

    /**
     * @param  list<string>  $ids
     * @return list<list<string>>|null
     */
    public static function orders(array $ids, int $most): ?array
    {
        if (array_product(range(1, max(1, count($ids)))) > $most) {
            return null;
        }
        $orders = [[]];
        foreach ($ids as $id) {
            $next = [];
            foreach ($orders as $order) {
                for ($place = 0; $place <= count($order); $place++) {
                    $next[] = [...array_slice($order, 0, $place), $id, ...array_slice($order, $place)];
                }
            }
            $orders = $next;
        }

        return $orders;
    }
}

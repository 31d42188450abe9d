<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Arrows;
use Fravel\Answer\Input\Colours;
use Fravel\Answer\Input\Digits;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Input\Item;
use Fravel\Answer\Input\Keys;
use Fravel\Answer\Input\Options;
use Fravel\Answer\Input\Order;
use Fravel\Check\Effort;
use Fravel\Thing\Lock;

/** All answers an input can yield, where there are few enough to go through them one by one. */
final class Enumeration
{
    /** Answers at most. */
    private const MOST = 1500;

    /** @return list<mixed>|null null when there are too many, or no end of them */
    public static function of(Input $input): ?array
    {
        return match (true) {
            $input instanceof Digits => self::strings(range('0', '9'), $input->length),
            $input instanceof Arrows => self::strings(['U', 'D', 'L', 'R'], $input->length),
            $input instanceof Keys => self::lists(Item::ids($input->keys), $input->length),
            $input instanceof Colours => self::lists($input->palette, $input->length),
            $input instanceof Options => $input->many ? self::sets(Item::ids($input->options)) : Item::ids($input->options),
            $input instanceof Order => self::orders(Item::ids($input->items)),
            default => null,
        };
    }

    /** @return array<array-key, int>|null rule → how many answers it catches; "" for those that no rule does */
    public static function caught(Lock $lock, string $language, Effort $effort = new Effort): ?array
    {
        $all = self::of($lock->input);
        if ($all === null) {
            return null;
        }
        $caught = [];
        foreach ($all as $sent) {
            $effort->spend(5 + count($lock->rules));
            $answer = $lock->accept($sent, $language);
            $rule = $answer instanceof Answer ? (string) $lock->ruleFor($answer) : '';
            $caught[$rule] = ($caught[$rule] ?? 0) + 1;
        }

        return $caught;
    }

    /**
     * @param  list<int|string>  $signs
     * @return list<string>|null
     */
    private static function strings(array $signs, int $length): ?array
    {
        $lists = self::lists(array_map(strval(...), $signs), $length);

        return $lists === null ? null : array_map(static fn (array $list): string => implode('', $list), $lists);
    }

    /**
     * @param  list<string>  $signs
     * @return list<list<string>>|null
     */
    private static function lists(array $signs, int $length): ?array
    {
        if ($signs === [] || count($signs) ** $length > self::MOST) {
            return null;
        }
        $lists = [[]];
        for ($place = 0; $place < $length; $place++) {
            $lists = array_merge(...array_map(static fn (array $list): array => array_map(static fn (string $sign): array => [...$list, $sign], $signs), $lists));
        }

        return $lists;
    }

    /**
     * @param  list<string>  $ids
     * @return list<list<string>>|null
     */
    private static function sets(array $ids): ?array
    {
        if (2 ** count($ids) > self::MOST) {
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
    private static function orders(array $ids): ?array
    {
        if (count($ids) > 6) {
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

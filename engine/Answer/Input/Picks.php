<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Refusal;

/** What all inputs share that yield a list of names from a known set. */
trait Picks
{
    /**
     * @param  list<string>  $known
     * @param  int|null  $length  how many make a whole answer
     */
    private function acceptList(mixed $sent, Cleaning $cleaning, array $known, ?int $length): Answer|Refusal
    {
        $list = is_string($sent) && $sent !== '' ? [$sent] : $sent;
        if ($list === '' || $list === [] || $list === null) {
            return Refusal::blank();
        }
        if (
            ! is_array($list) ||
            ! array_is_list($list) ||
            array_diff(
                array_map(static fn (mixed $name): string => is_string($name) ? $name : '', $list), $known,
            ) !== []
        ) {
            return Refusal::malformed();
        }
        if ($length !== null && count($list) !== $length) {
            return count($list) < $length ? Refusal::incomplete() : Refusal::malformed();
        }

        return new Answer($list, $cleaning);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\State\PlayState;
use Fravel\State\Verdict;

/** What ConditionTest is about: games, and ways to ask. */
final class ConditionCases
{
    /** A play with two tokens, a lock opened at once, one late, one shut after two tries, and ninety seconds gone. */
    public static function somePlay(): PlayState
    {
        return PlayState::begin(['bold' => 2, 'calm' => 2, 'none' => 0], 1, 1000)
            ->give('lens')->give('wick')->openLock('quick')
            ->countTry('late', Verdict::Wrong)->openLock('late')
            ->countTry('shut', Verdict::Almost)->countTry('shut', Verdict::Wrong)
            ->lift('lid')->enter('hall')->markVisited('hall');
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Check\Effort;
use Fravel\Check\EffortSpent;
use Fravel\Condition\Condition;
use Fravel\Condition\Observed;
use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;
use Fravel\Document\Route;
use Fravel\Document\Scene;
use Fravel\Document\Trigger;
use Fravel\Effect\Effect;
use Fravel\State\Fact;
use Fravel\Thing\Thing;
use WeakMap;

/**
 * Whether in a game more is never less: nothing is taken, closed, lowered or asked not to be, tallies only rise and are
 * only compared upward, and no list of reactions leads elsewhere once more of it holds, but for what wrong answers set
 * off. Then a larger state can do all that a smaller one can. Where in doubt the answer is no.
 */
final class Monotony
{
    /** Facts that are followed where only what adds to a play is tried. */
    private const FOLLOWED = ['token', 'open', 'lifted', 'found', 'visited', 'tally'];

    /** Units of effort for one thing and for one scene. */
    private const LOOK = 10;

    /** @throws EffortSpent */
    public static function holdsIn(GameDocument $game, Effort $effort = new Effort()): bool
    {
        /** @var WeakMap<Scene, bool>|null $known */
        static $known = null;
        $known ??= new WeakMap();
        foreach ($game->scenes($effort->read(...)) as $scene) {
            $effort->spend(isset($known[$scene]) ? 1 : self::LOOK * (1 + count($scene->things)));
            if (! ($known[$scene] ??= self::scene($scene))) {
                return false;
            }
        }

        return true;
    }

    private static function scene(Scene $scene): bool
    {
        $isPlain =
            self::areRising([$scene->needs]) &&
            self::onlySay($scene->refused) &&
            self::isOne($scene->arrive) &&
            self::stay($scene->arrive) &&
            self::isOne($scene->next);

        return $isPlain && array_filter(
            $scene->things, static fn (Thing $thing): bool => ! self::isPlain($thing),
        ) === [];
    }

    private static function isPlain(Thing $thing): bool
    {
        if (! $thing->onlyAdds() || $thing->things() !== [] || ! self::areRising(array_values($thing->conditions()))) {
            return false;
        }
        $opening = null;
        foreach ($thing->reactions() as $list) {
            if (! self::fits($list)) {
                return false;
            }
            if ($list->on === Trigger::Right) {
                // One rule opens, or all that open do the same.
                $does = array_map(
                    static fn (Reaction $reaction): array => [$reaction->effects, $reaction->go],
                    $list->reactions,
                );
                if ($opening !== null && $opening != $does) {
                    return false;
                }
                $opening = $does;
            }
        }

        return true;
    }

    private static function fits(ReactionList $list): bool
    {
        return match ($list->on) {
            Trigger::Act => self::isOne($list->reactions),
            Trigger::Right => array_filter(
                $list->reactions,
                static fn (Reaction $reaction): bool => $reaction->if !== null,
            ) === [] && self::allRise($list->reactions),
            Trigger::Wrong => self::allRise($list->reactions),
            Trigger::Again, Trigger::Hint, Trigger::Pick => self::onlySay($list->reactions),
            default => false,
        };
    }

    /** @param  list<Condition|null>  $conditions */
    private static function areRising(array $conditions): bool
    {
        foreach (array_filter($conditions) as $condition) {
            $condition->observe($seen = new Observed());
            $kinds = array_map(Fact::kindOf(...), array_keys($seen->facts));
            if (! $condition->isRising() || array_diff($kinds, self::FOLLOWED) !== []) {
                return false;
            }
        }

        return true;
    }

    /**
     * At most one reaction, with a rising condition and effects that only add; or several that only speak.
     *
     * @param  list<Reaction>  $reactions
     */
    private static function isOne(array $reactions): bool
    {
        if (count($reactions) > 1) {
            return self::onlySay($reactions);
        }

        return $reactions === [] || (self::areRising([$reactions[0]->if]) && self::allRise($reactions));
    }

    /** @param  list<Reaction>  $reactions */
    private static function onlySay(array $reactions): bool
    {
        return array_filter($reactions, static fn (Reaction $reaction): bool => $reaction->acts()) === [];
    }

    /** @param  list<Reaction>  $reactions */
    private static function stay(array $reactions): bool
    {
        return array_filter($reactions, static fn (Reaction $reaction): bool => $reaction->leadsOn()) === [];
    }

    /** @param  list<Reaction>  $reactions */
    private static function allRise(array $reactions): bool
    {
        foreach ($reactions as $reaction) {
            if (
                $reaction->go?->to === Route::BACK ||
                array_filter($reaction->effects, static fn (Effect $effect): bool => ! $effect->isGain()) !== []
            ) {
                return false;
            }
        }

        return true;
    }
}

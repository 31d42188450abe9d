<?php

declare(strict_types=1);

namespace App\Workshop;

use Fravel\Condition\Conditions;
use Fravel\Document\GameDocument;
use Fravel\Support\Node;
use Fravel\Support\Speech;
use Fravel\Support\Wording;

/** What conditions, effects and matchers of a game say of themselves, in the words of the language files. */
final class KindWords
{
    public static function ofCondition(GameDocument $game, mixed $condition): string
    {
        if (! is_array($condition) || array_intersect_key($condition, Conditions::kinds()) === []) {
            return (string) __('kinds.condition.always');
        }

        return self::of($game, Conditions::read(Node::root($condition))->said());
    }

    public static function of(GameDocument $game, Wording $wording): string
    {
        /** @var array<string, array<string, string>> $words */
        $words = (array) trans('kinds');

        return (new Speech($words, static fn (string $id): string => Names::of($game, $id)))->of($wording);
    }
}

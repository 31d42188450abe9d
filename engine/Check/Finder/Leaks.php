<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Answers\Accepted;
use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Condition\Condition;
use Fravel\Condition\Observed;
use Fravel\Document\Scene;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\State\Verdict;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/** Feedback and hints that say the answer, to be had from the first try on. */
final class Leaks implements SceneFinder
{
    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $findings = [];
        $language = $context->game->language();
        foreach (Things::locks($scene->things) as $lock) {
            $tells = static fn (string $text): bool => Accepted::saidIn($text, $lock, $language, $context->effort) !==
                null;
            foreach (self::saidAtFirst($lock) as $field => $texts) {
                $leaking = array_values(array_filter($texts, $tells));
                if ($leaking !== []) {
                    $words = $context->placeOf($lock, $scene) + [
                        'answer' => (string) Accepted::saidIn($leaking[0], $lock, $language, $context->effort),
                    ];
                    $findings[] = Finding::warning('answer.leaked', [$lock->id, $scene->id], $words)->mendedBy(
                        $context->mends->hush($lock->id, $field, $tells),
                    );
                }
            }
        }

        return $findings;
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return '';
    }

    /** @return array<string, list<string>> field of the lock → what it says to whoever tried at most once */
    private static function saidAtFirst(Lock $lock): array
    {
        $said = ['rules' => [], 'otherwise' => [], 'hints' => []];
        foreach ($lock->rules as $rule) {
            if ($rule->verdict !== Verdict::Open && self::mayHold($rule->reaction->if, $lock)) {
                $said['rules'][] = $rule->reaction->say;
            }
        }
        foreach ($lock->otherwise as $reaction) {
            if (self::mayHold($reaction->if, $lock)) {
                $said['otherwise'][] = $reaction->say;
            }
            if (self::surelyHolds($reaction->if, $lock)) {
                break;
            }
        }
        foreach ($lock->hints as $hint) {
            if (self::mayHold($hint->after, $lock)) {
                $said['hints'][] = $hint->md;
            }
        }

        return $said;
    }

    /** Whether nothing but the tries decides, and they do: then nothing that comes after it is said. */
    private static function surelyHolds(?Condition $condition, Lock $lock): bool
    {
        $observed = new Observed();
        $condition?->observe($observed);

        $others = array_diff(array_keys($observed->facts), [Fact::tries($lock->id)]);

        return $others === [] && count($observed->times) === 1 && self::mayHold($condition, $lock);
    }

    private static function mayHold(?Condition $condition, Lock $lock): bool
    {
        return $condition === null ||
            $condition->holds(PlayState::begin([], 1, 0)->countTry($lock->id, Verdict::Wrong), 0);
    }
}

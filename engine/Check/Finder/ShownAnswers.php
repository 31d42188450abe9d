<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Finding;
use Fravel\Check\Study;
use Fravel\Document\Answer\Cleaning;
use Fravel\Document\Answer\Input\Long;
use Fravel\Document\Answer\Input\Text as TextInput;
use Fravel\Document\Answer\Matcher\Equals;
use Fravel\Document\Scene;
use Fravel\Document\Thing\Lock;
use Fravel\Document\Thing\Text;
use Fravel\State\Verdict;

/** Answers that must be typed and stand in plain sight where their lock stands. */
final class ShownAnswers implements Finder
{
    public static function find(Study $study): array
    {
        $findings = [];
        foreach ($study->locks() as ['scene' => $scene, 'lock' => $lock]) {
            $shown = $lock->input instanceof TextInput || $lock->input instanceof Long ? self::shown($lock, $scene, $study->game->language()) : null;
            if ($shown !== null) {
                $findings[] = Finding::error('answer.shown', [$lock->id, $scene->id], ['lock' => $study->nameOf($lock), 'scene' => $scene->title, 'answer' => $shown]);
            }
        }

        return $findings;
    }

    /** The first accepted answer of at least three letters that a text of the scene or the question itself says. */
    private static function shown(Lock $lock, Scene $scene, string $language): ?string
    {
        $cleaning = Cleaning::usual($language);
        $sight = ' '.$cleaning->clean($lock->ask.' '.implode(' ', array_map(static fn ($thing): string => $thing instanceof Text && $thing->common->if === null ? $thing->md : '', $scene->things))).' ';
        foreach ($lock->rules as $rule) {
            foreach ($rule->verdict === Verdict::Open && $rule->match instanceof Equals ? $rule->match->texts : [] as $answer) {
                $clean = $cleaning->clean($answer);
                if (mb_strlen($clean) > 2 && str_contains($sight, " {$clean} ")) {
                    return $answer;
                }
            }
        }

        return null;
    }
}

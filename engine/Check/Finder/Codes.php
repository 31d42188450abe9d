<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Answer\Input\Entry;
use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Condition\Observed;
use Fravel\Document\Token;
use Fravel\State\Fact;
use Fravel\Thing\Lock;

/**
 * Codes that the clues made for them do not give: each clue that the lock asks for ends in one figure, and these are
 * not the figures of the code. Where clues are of another make nothing is said.
 */
final class Codes implements Finder
{
    public static function find(CheckContext $context): array
    {
        $findings = [];
        foreach ($context->locks() as ['scene' => $scene, 'lock' => $lock]) {
            $figures = self::figures($lock, $context);
            if ($figures === null) {
                continue;
            }
            $codes = self::codes($lock);
            if (
                $codes !== [] &&
                array_filter(
                    $codes,
                    static fn (string $code): bool => self::sorted($code) === self::sorted($figures),
                ) === []
            ) {
                $findings[] = Finding::warning(
                    'code.unexplained',
                    [$lock->id, $scene->id],
                    $context->placeOf($lock, $scene) + ['figures' => implode(', ', str_split($figures))],
                );
            }
        }

        return $findings;
    }

    /**
     * The figures that the clues it asks for end in, in their order; null where it asks for none, or one ends in none.
     */
    private static function figures(Lock $lock, CheckContext $context): ?string
    {
        if ($lock->needs === null || $lock->input->entry() !== Entry::Code) {
            return null;
        }
        $lock->needs->observe($seen = new Observed());
        $figures = '';
        foreach (array_keys($seen->facts) as $fact) {
            $token = Fact::kindOf($fact) === 'token' ? $context->game->tokens()[Fact::idIn($fact)] ?? null : null;
            if ($token === null || preg_match('/(?<!\d)\d$/D', self::text($token), $figure) !== 1) {
                return null;
            }
            $figures .= $figure[0];
        }

        return $figures === '' ? null : $figures;
    }

    /** What a clue says, without the marks behind it. */
    private static function text(Token $token): string
    {
        return rtrim($token->md !== '' ? $token->md : $token->name, " \n.*_!");
    }

    /** @return list<string> the codes that open it, where they are named */
    private static function codes(Lock $lock): array
    {
        $codes = [];
        foreach ($lock->rules as $rule) {
            if ($rule->opens()) {
                array_push($codes, ...$rule->match->isLiteral() ? $rule->match->names($lock->input) : ['']);
            }
        }

        return in_array('', $codes, true) ? [] : $codes;
    }

    private static function sorted(string $code): string
    {
        $figures = str_split($code);
        sort($figures);

        return implode('', $figures);
    }
}

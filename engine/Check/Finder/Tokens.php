<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Thing\Things;

/** Tokens that are asked for and never given, or never asked for. */
final class Tokens implements Finder
{
    public static function find(CheckContext $context): array
    {
        $findings = [];
        [$given, $asked, $named] = [[], [], []];
        foreach ($context->references as $reference) {
            $context->effort->spend();
            $named[$reference->id] ??= $reference->scene;
            if ($reference->kind === 'token') {
                $reference->field() === 'give' ? ($given[$reference->id] = true) : ($asked[$reference->id] = true);
            }
        }
        $before = self::locksBefore($context);
        foreach ($context->game->tokens() as $token) {
            $context->effort->spend();
            if (isset($asked[$token->id]) && ! isset($given[$token->id])) {
                $findings[] = Finding::error('token.never-given', [$token->id], ['token' => $token->name])->mendedBy(
                    $context->mends->give($token->id, $before[$named[$token->id] ?? ''] ?? null),
                );
            } elseif (! isset($given[$token->id]) || (! $token->isShown() && ! isset($asked[$token->id]))) {
                $findings[] = Finding::warning('token.unused', [$token->id], ['token' => $token->name])->mendedBy(
                    isset($given[$token->id]) ? null : $context->mends->remove($token->id),
                );
            }
        }

        return $findings;
    }

    /** @return array<string, string|null> scene → the last lock that can be reached and stands before it; '' for all */
    private static function locksBefore(CheckContext $context): array
    {
        [$last, $before] = [null, []];
        foreach ($context->game->scenes() as $scene) {
            $before[$scene->id] = $last;
            foreach (Things::locks($scene->things) as $lock) {
                $context->effort->spend();
                $last = isset($context->reach->ready[$lock->id]) ? $lock->id : $last;
            }
        }

        return $before + ['' => $last];
    }
}

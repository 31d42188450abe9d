<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Reference;

/** Tokens that are asked for and never given, or never asked for. */
final class Tokens implements Finder
{
    public static function find(CheckContext $context): array
    {
        $findings = [];
        [$given, $asked] = [[], []];
        foreach ($context->references as $reference) {
            if ($reference->kind === 'token') {
                $reference->field() === 'give' ? ($given[$reference->id] = true) : ($asked[$reference->id] = true);
            }
        }
        foreach ($context->game->tokens() as $token) {
            if (isset($asked[$token->id]) && ! isset($given[$token->id])) {
                $findings[] = Finding::error('token.never-given', [$token->id], ['token' => $token->name])->mendedBy(
                    $context->mends->give($token->id, self::lockBefore($context, $token->id)),
                );
            } elseif (! isset($given[$token->id]) || (! $token->isShown() && ! isset($asked[$token->id]))) {
                $findings[] = Finding::warning('token.unused', [$token->id], ['token' => $token->name])->mendedBy(
                    isset($given[$token->id]) ? null : $context->mends->remove($token->id),
                );
            }
        }

        return $findings;
    }

    /** The last lock that can be reached and stands before the first scene in which the token is asked for. */
    private static function lockBefore(CheckContext $context, string $token): ?string
    {
        $asking = array_filter(
            $context->references,
            static fn (Reference $reference): bool => $reference->id === $token,
        );
        $scene = array_values($asking)[0]->scene ?? null;
        $before = null;
        foreach ($context->locks() as $place) {
            if ($place['scene']->id === $scene) {
                break;
            }
            $before = isset($context->reach->ready[$place['lock']->id]) ? $place['lock']->id : $before;
        }

        return $before;
    }
}

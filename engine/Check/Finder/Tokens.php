<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Reference;

/** Tokens that are asked for and never given, or never asked for. */
final class Tokens implements Finder
{
    public static function find(CheckContext $study): array
    {
        $findings = [];
        [$given, $asked] = [[], []];
        foreach ($study->references as $reference) {
            if ($reference->kind === 'token') {
                $reference->field() === 'give' ? $given[$reference->id] = true : $asked[$reference->id] = true;
            }
        }
        foreach ($study->game->tokens() as $token) {
            if (isset($asked[$token->id]) && ! isset($given[$token->id])) {
                $findings[] = Finding::error('token.never-given', [$token->id], ['token' => $token->name])->mendedBy($study->mends->give($token->id, self::lockBefore($study, $token->id)));
            } elseif (! isset($given[$token->id]) || (! $token->isShown() && ! isset($asked[$token->id]))) {
                $findings[] = Finding::warning('token.unused', [$token->id], ['token' => $token->name])->mendedBy(isset($given[$token->id]) ? null : $study->mends->remove($token->id));
            }
        }

        return $findings;
    }

    /** The last lock that can be reached and stands before the first scene in which the token is asked for. */
    private static function lockBefore(CheckContext $study, string $token): ?string
    {
        $asking = array_filter($study->references, static fn (Reference $reference): bool => $reference->id === $token);
        $scene = array_values($asking)[0]->scene ?? null;
        $before = null;
        foreach ($study->locks() as $place) {
            if ($place['scene']->id === $scene) {
                break;
            }
            $before = isset($study->reach->ready[$place['lock']->id]) ? $place['lock']->id : $before;
        }

        return $before;
    }
}

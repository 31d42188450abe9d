<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Finding;
use Fravel\Check\Study;

/** Tokens that are asked for and never given, or never asked for. */
final class Tokens implements Finder
{
    public static function find(Study $study): array
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
                $findings[] = Finding::error('token.never-given', [$token->id], ['token' => $token->name]);
            } elseif (! isset($given[$token->id])) {
                $findings[] = Finding::warning('token.unused', [$token->id], ['token' => $token->name]);
            }
        }

        return $findings;
    }
}

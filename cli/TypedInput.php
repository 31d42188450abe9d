<?php

declare(strict_types=1);

namespace Cli;

use Symfony\Component\Console\Input\ArgvInput;

/** Words of which only those that begin with two dashes are options: an answer may well begin with one. */
final class TypedInput extends ArgvInput
{
    protected function parseToken(string $token, bool $parseOptions): bool
    {
        parent::parseToken($token, $parseOptions && str_starts_with($token, '--'));

        return $parseOptions && $token !== '--';
    }

    /** @param  string|list<string>  $values */
    public function hasParameterOption(string|array $values, bool $onlyParams = false): bool
    {
        return parent::hasParameterOption(
            array_values(
                array_filter((array) $values, static fn (string $value): bool => str_starts_with($value, '--')),
            ),
            $onlyParams,
        );
    }
}

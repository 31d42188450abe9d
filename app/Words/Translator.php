<?php

declare(strict_types=1);

namespace App\Words;

use Fravel\Support\Template;
use Illuminate\Translation\Translator as FrameworkTranslator;

/** Fills words as the engine and the scripts do: `{count|=1 one|:count of them}` is the form for a number. */
final class Translator extends FrameworkTranslator
{
    /**
     * @param  string  $line
     * @param  array<string, mixed>  $replace
     */
    protected function makeReplacements($line, array $replace): string
    {
        if ($replace === []) {
            return $line;
        }
        $numbers = array_filter(
            $replace,
            static fn (mixed $value): bool => is_int($value) || is_float($value) || is_string($value),
        );

        return parent::makeReplacements(Template::chosen($line, $numbers), $replace);
    }
}

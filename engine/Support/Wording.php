<?php

declare(strict_types=1);

namespace Fravel\Support;

/** Something to be put into words: a code of the language files, and what fills its places. */
final readonly class Wording
{
    /**
     * @param  array<string, string|int|float>  $values  by the names of places
     * @param  array<string, list<string>>  $named  ids of parts, which are called by their names, by the names of
     *     places
     * @param  list<self>  $parts  that are joined by the words
     */
    public function __construct(
        public string $code,
        public array $values = [],
        public array $named = [],
        public array $parts = [],
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Report;

/** Wrong answers that come to the same. */
final readonly class WrongGroup
{
    /**
     * @param  string|array<array-key, mixed>  $answer  as most of them were given
     * @param  list<string|array<array-key, mixed>>  $others  how else they were given
     * @param  list<string>  $plays  who gave one of them, each once
     * @param  int  $count  how often they were given
     * @param  list<string>  $said  what was read to them, each once (CommonMark); empty where only neutral words were
     */
    public function __construct(
        public string|array $answer,
        public array $others,
        public array $plays,
        public int $count,
        public array $said,
    ) {
    }
}

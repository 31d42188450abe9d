<?php

declare(strict_types=1);

namespace Fravel\Thing;

/** Words that a thing shows, and what they stand on; colours as #rrggbb. */
final readonly class Words
{
    /**
     * @param  string|null  $on  the plain colour behind them; null where something else is
     * @param  bool  $isBare  whether they stand on whatever the scene has behind its things
     */
    public function __construct(
        public string $md,
        public ?string $colour = null,
        public ?string $on = null,
        public bool $isBare = false,
    ) {
    }
}

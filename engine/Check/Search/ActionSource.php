<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Document\Reaction;

/** Something that can be done in a scene: with a thing, by going on or by going back. */
final class ActionSource
{
    /** @var array<string, list<Change>> reading of what it depends on → what comes of it */
    public array $learned = [];

    /** @var array<string, self> scene → this mover, when going back leads there */
    public array $leadingTo = [];

    /**
     * @param  string|null  $thing  id; none for going on and back
     * @param  list<mixed>  $parts  of the scene's skeleton that it is made of
     * @param  string  $mask  the facts that what comes of it depends on
     * @param  bool  $falls  whether it may take something away
     * @param  Reaction|null  $mishap  what a wrong answer may set off, where that is looked at by itself
     * @param  bool  $leadsBack  whether it depends on where the scene was entered from
     */
    public function __construct(
        public readonly string $scene,
        public readonly ?string $thing,
        public readonly array $parts,
        public readonly string $mask,
        public readonly bool $falls,
        public readonly bool $leadsBack,
        public readonly ?Reaction $mishap = null,
    ) {
    }
}

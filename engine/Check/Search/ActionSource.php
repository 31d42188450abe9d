<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;

/** Something that can be done in a scene: with a thing, by going on or by going back. */
final class ActionSource
{
    /** @var array<string, Lesson> reading of what it depends on → what comes of it */
    public array $learned = [];

    /** @var array<string, self> scene → this source, when going back leads there */
    public array $leadingTo = [];

    /** The facts that what comes of it depends on. */
    public string $mask = '';

    /** Whether it may take something away. */
    public bool $falls = false;

    /** Whether what it does depends on where the scene was entered from. */
    public readonly bool $leadsBack;

    /**
     * @param  ThingRoutes|null  $routes  none for going on and back
     * @param  list<ReactionList>  $lists  of going on
     * @param  bool  $goesBack  whether the scene lets one go back
     * @param  Reaction|null  $wrongAnswer  what a wrong answer may set off, where that is looked at by itself
     * @param  bool  $isKnown  whether it is known where a way back leads
     */
    public function __construct(
        public readonly string $scene,
        public readonly ?ThingRoutes $routes,
        public readonly array $lists,
        public readonly bool $goesBack,
        public readonly ?Reaction $wrongAnswer = null,
        public readonly bool $isKnown = false,
    ) {
        $this->leadsBack = $goesBack || SceneRoutes::hasBack($routes->lists ?? $lists);
    }

    /** Where going back is known to lead. */
    public function known(): self
    {
        return new self($this->scene, $this->routes, $this->lists, $this->goesBack, $this->wrongAnswer, true);
    }
}

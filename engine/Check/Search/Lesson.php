<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

/** What comes of doing something in a state of which only so much matters, and what is come across by it. */
final class Lesson
{
    /** The number of the space that came across it last: what a space never meets is none of its news. */
    public int $metBy = 0;

    /** @param  list<Change>  $changes */
    public function __construct(public readonly array $changes, public readonly Notes $notes)
    {
    }
}

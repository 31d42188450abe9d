<?php

declare(strict_types=1);

namespace Fravel\Document;

/** Told of what a walk comes across, in the order of the document. */
interface Visitor
{
    /**
     * A part, before what is in it.
     *
     * @param  string  $shape  game, scenes, things, reactions, rules, hints, cues, condition, effects, matcher, input,
     *     items, …
     * @param  array<array-key, mixed>  $part
     * @param  list<string|int>  $path  keys from the root
     */
    public function part(string $shape, array $part, array $path): void;

    /**
     * A place that names another part.
     *
     * @param  string  $kind  scene, chapter, token, tally, asset, lock or cover; `route` for where a reaction goes, an
     *     id or a word
     * @param  list<string|int>  $path  keys from the root to the id
     */
    public function name(string $kind, string $id, array $path): void;
}

<?php

declare(strict_types=1);

namespace Fravel\Document;

/** A place in a document that names another part by its id. */
final readonly class Reference
{
    /**
     * @param  string  $kind  scene, chapter, token, tally, asset, lock or cover
     * @param  list<string|int>  $path  keys from the document's root to the id
     * @param  string|null  $scene  the scene it stands in
     * @param  bool  $isRoute  whether it is where a reaction goes
     */
    public function __construct(
        public string $kind,
        public string $id,
        public array $path,
        public ?string $scene,
        public bool $isRoute,
    ) {
    }

    /** Whether a part of this kind may be named here; a route may lead to a moment of a film as well as to a scene. */
    public function fits(?string $kind): bool
    {
        return $kind === $this->kind || ($this->isRoute && $kind === 'moment');
    }

    /** The field that holds it, also when it is one of a list there. */
    public function field(): string
    {
        $names = array_filter($this->path, is_string(...));

        return (string) end($names);
    }

    public function pointer(): string
    {
        return '/'.implode('/', $this->path);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Document;

/** Every place of a document that names another part by its id. */
final class References implements Visitor
{
    /** @var list<Reference> */
    private array $found = [];

    private ?string $scene = null;

    /**
     * @param  array<array-key, mixed>  $document
     * @return list<Reference>
     */
    public static function in(array $document): array
    {
        $references = new self;
        Walk::through($document, $references);

        return $references->found;
    }

    public function part(string $shape, array $part, array $path): void
    {
        if ($shape === 'scenes') {
            $this->scene = is_string($part['id'] ?? null) ? $part['id'] : null;
        }
    }

    public function name(string $kind, string $id, array $path): void
    {
        $isRoute = $kind === Walk::ROUTE;
        if (! $isRoute || (new Route($id))->isScene()) {
            $this->found[] = new Reference($isRoute ? 'scene' : $kind, $id, $path, $this->scene, $isRoute);
        }
    }
}

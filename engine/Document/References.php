<?php

declare(strict_types=1);

namespace Fravel\Document;

use Closure;

/** Every place of a document that names another part by its id. */
final class References implements Visitor
{
    /** @var list<Reference> */
    private array $found = [];

    private ?string $scene = null;

    /** @param  (Closure(int): void)|null  $asked */
    private function __construct(private readonly ?Closure $asked)
    {
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  (Closure(int): void)|null  $asked  before each scene, with how many things stand in it, and
     *     at each name with 0; may throw
     * @return list<Reference>
     */
    public static function in(array $document, ?Closure $asked = null): array
    {
        $references = new self($asked);
        Walk::through($document, $references);

        return $references->found;
    }

    public function part(string $shape, array $part, array $path): void
    {
        if ($shape === 'scenes') {
            $this->scene = is_string($part['id'] ?? null) ? $part['id'] : null;
            $this->ask(is_array($part['things'] ?? null) ? count($part['things']) : 0);
        }
    }

    public function name(string $kind, string $id, array $path): void
    {
        $this->ask(0);
        $isRoute = $kind === Walk::ROUTE;
        if (! $isRoute || (new Route($id))->isScene()) {
            $this->found[] = new Reference($isRoute ? 'scene' : $kind, $id, $path, $this->scene, $isRoute);
        }
    }

    private function ask(int $things): void
    {
        $this->asked === null ?: ($this->asked)($things);
    }
}

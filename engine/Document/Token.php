<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Support\Node;

/** What a student can hold. A flag is never shown. */
final readonly class Token
{
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public ?string $asset,
        public string $md,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->oneOf('kind', ['item', 'clue', 'badge', 'flag'], 'item'),
            $node->maybeText('asset'),
            $node->text('md'),
        );
    }

    public function isShown(): bool
    {
        return $this->kind !== 'flag';
    }
}

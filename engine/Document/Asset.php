<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Support\Node;

/** A file that belongs to the game, with what to say of it to those who don't see it and to whom it is owed. */
final readonly class Asset
{
    public function __construct(
        public string $id,
        public string $file,
        public string $type,
        public string $alt,
        public string $credit,
        public string $licence,
    ) {
    }

    public static function read(Node $node): self
    {
        $file = $node->text('file');
        if (str_contains($file, '..') || str_starts_with($file, '/')) {
            $node->problems->add('file.outside', $node->pointer.'/file', [
                'found' => mb_strimwidth($file, 0, 60, '…'),
            ]);
        }

        return new self(
            $node->id(),
            $file,
            $node->text('type'),
            $node->text('alt'),
            $node->text('credit'),
            $node->text('licence'),
        );
    }
}

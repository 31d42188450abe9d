<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Support\Node;

/** A file that belongs to the game, with what to say of it to those who don't see it and to whom it is owed. */
final readonly class Asset
{
    /** Parts of a picture whose light is known, across and down, where it fills a stage. */
    public const SHADES_ACROSS = 4;

    public const SHADES_DOWN = 3;

    /** @param  list<string>  $shades  the middle colour of each of those parts, row by row, as `#rrggbb`; or none */
    public function __construct(
        public string $id,
        public string $file,
        public string $type,
        public string $alt,
        public string $credit,
        public string $licence,
        public array $shades = [],
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
            self::shades($node),
        );
    }

    /** @return list<string> */
    private static function shades(Node $node): array
    {
        $shades = array_map(static fn (Node $shade): mixed => $shade->value, $node->list('shades'));
        $known = array_filter(
            $shades, static fn (mixed $one): bool => is_string($one) && preg_match('/^#[0-9a-f]{6}$/Di', $one) === 1,
        );
        if ($shades === [] || $known === $shades && count($shades) === self::SHADES_ACROSS * self::SHADES_DOWN) {
            return array_values($known);
        }
        $node->at('shades')->wrong('twelve colours such as #eadfc8');

        return [];
    }
}

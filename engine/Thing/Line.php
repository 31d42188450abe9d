<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Support\Node;

/** A line of captions: what is said in a clip, and when, in seconds from its beginning. */
final readonly class Line
{
    private const MOST = 3000;

    private const LONGEST = 500;

    public function __construct(public float $at, public float $until, public string $text)
    {
    }

    /** @return list<self> in the order of their beginnings */
    public static function listed(Node $node): array
    {
        $lines = array_map(static fn (Node $line): self => new self(
            max(0.0, (float) $line->number('at')),
            max(0.0, (float) $line->number('until')),
            mb_substr($line->text('text'), 0, self::LONGEST),
        ), array_slice($node->list('lines'), 0, self::MOST));
        usort($lines, static fn (self $a, self $b): int => $a->at <=> $b->at);

        return $lines;
    }

    /** @return array<string, mixed> */
    public static function schema(): array
    {
        return [
            'type' => 'array',
            'maxItems' => self::MOST,
            'description' => 'captions, and the transcript',
            'items' => [
                'type' => 'object',
                'properties' => [
                    'at' => ['type' => 'number', 'minimum' => 0, 'description' => 'seconds'],
                    'until' => ['type' => 'number', 'minimum' => 0, 'description' => 'seconds'],
                    'text' => ['type' => 'string', 'maxLength' => self::LONGEST],
                ],
                'required' => ['at', 'until', 'text'],
            ],
        ];
    }
}

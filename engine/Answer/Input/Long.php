<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** Text that may hold line breaks. */
final readonly class Long implements Input
{
    use Typed;
    use Worded;

    /** In characters; longer is refused with a word. */
    public const LONGEST = 20000;

    private const UNITS = ['characters', 'words'];

    /** @param  array{min: int, max: ?int, of: string}|null  $count  the length asked for, counted for the student */
    public function __construct(public ?array $count)
    {
    }

    public static function read(Node $node): self
    {
        $count = $node->at('count');
        if ($count->value === null) {
            return new self(null);
        }
        $most = $count->at('max')->value === null ? null : $count->whole('max', 1, 1, self::LONGEST);

        return new self([
            'min' => $count->whole('min', 0, 0, self::LONGEST),
            'max' => $most,
            'of' => $count->known('of', self::UNITS, 'characters'),
        ]);
    }

    public static function schema(): array
    {
        return [
            'count' => [
                'type' => ['object', 'null'],
                'description' => 'the length that is asked for, counted while the student writes',
                'properties' => [
                    'min' => ['type' => 'integer', 'minimum' => 0, 'maximum' => self::LONGEST],
                    'max' => ['type' => ['integer', 'null'], 'minimum' => 1, 'maximum' => self::LONGEST],
                    'of' => ['enum' => self::UNITS],
                ],
            ],
        ];
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        return $this->acceptText($sent, $cleaning, self::LONGEST);
    }

    public function shown(Showing $showing, string $lock): array
    {
        return ['type' => 'long', 'most' => self::LONGEST, 'count' => $this->count];
    }

    public function isLong(): bool
    {
        return true;
    }
}

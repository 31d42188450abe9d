<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Refusal;
use Fravel\Answer\Unit\Units;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** A number as typed; the unit is shown beside the field. */
final readonly class Number implements Input
{
    use Typed;

    /** In characters; longer is refused with a word. */
    public const LONGEST = 100;

    public function __construct(public ?string $unit)
    {
    }

    public static function read(Node $node): self
    {
        $unit = $node->maybeText('unit');
        if ($unit !== null && $unit !== '' && Units::named($unit) === null) {
            $node->problems->add('unit.unknown', $node->pointer.'/unit', ['found' => $unit]);
        }

        return new self($unit);
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        return $this->acceptText($sent, $cleaning, self::LONGEST);
    }

    public function ways(): ?float
    {
        return null;
    }

    public function shown(Showing $showing, string $lock): array
    {
        return ['type' => 'number', 'unit' => $this->unit, 'most' => self::LONGEST];
    }
}

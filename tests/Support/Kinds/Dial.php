<?php

declare(strict_types=1);

namespace Tests\Support\Kinds;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Input\Composed;
use Fravel\Answer\Input\Entry;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** A dial with hours from 1 to 12. */
final readonly class Dial implements Input
{
    use Composed;

    private const HOURS = 12;

    public static function read(Node $node): self
    {
        return new self;
    }

    public static function schema(): array
    {
        return [];
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        return is_string($sent) && ctype_digit($sent) && $sent >= 1 && $sent <= self::HOURS ? new Answer(
            $sent, $cleaning,
        ) : Refusal::malformed();
    }

    public function ways(): float
    {
        return self::HOURS;
    }

    public function every(int $most): array
    {
        return array_map(strval(...), range(1, self::HOURS));
    }

    public function entry(): Entry
    {
        return Entry::Code;
    }

    public function parts(): array
    {
        return [];
    }

    public function shown(Showing $showing, string $lock): array
    {
        return ['type' => 'dial', 'hours' => self::HOURS];
    }

    private function drawn(int $number): string
    {
        return (string) (1 + $number % self::HOURS);
    }
}

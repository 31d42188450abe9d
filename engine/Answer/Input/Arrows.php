<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** So many directions: a string of U, D, L and R. */
final readonly class Arrows implements Input
{
    public function __construct(public int $length)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->whole('length', 4, 1, 40));
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        if (! is_string($sent) || strlen($sent) > 200) {
            return Refusal::malformed();
        }
        if (trim($sent) === '') {
            return Refusal::blank();
        }
        if (preg_match('/^[UDLR]+$/D', $sent) !== 1) {
            return Refusal::malformed();
        }

        return strlen($sent) === $this->length ? new Answer($sent, $cleaning) : Refusal::incomplete();
    }

    public function ways(): float
    {
        return 4.0 ** $this->length;
    }

    public function shown(Showing $showing, string $lock): array
    {
        return ['type' => 'arrows', 'length' => $this->length];
    }
}

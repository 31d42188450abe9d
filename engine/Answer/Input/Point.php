<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** A place on a picture: across and down, each from 0 to 1. */
final readonly class Point implements Input
{
    public function __construct(public ?string $asset)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->maybeText('asset'));
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        if ($sent === null || $sent === '' || $sent === []) {
            return Refusal::blank();
        }
        if (! is_array($sent) || ! array_is_list($sent) || count($sent) !== 2) {
            return Refusal::malformed();
        }
        foreach ($sent as $part) {
            if ((! is_int($part) && ! is_float($part)) || $part < 0 || $part > 1) {
                return Refusal::malformed();
            }
        }

        return new Answer($sent, $cleaning);
    }

    public function ways(): ?float
    {
        return null;
    }

    public function shown(Showing $showing, string $lock): array
    {
        return ['type' => 'point', 'asset' => $this->asset];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** One line of text. */
final readonly class Text implements Input
{
    use Typed;
    use Worded;

    /** In characters; longer is refused with a word. */
    public const LONGEST = 500;

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
        return $this->acceptText($sent, $cleaning, self::LONGEST);
    }

    public function shown(Showing $showing, string $lock): array
    {
        return ['type' => 'text', 'most' => self::LONGEST];
    }

    public function isLong(): bool
    {
        return false;
    }
}

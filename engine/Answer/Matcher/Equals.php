<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** `{"equals": "s"}` or a list of which any will do, after cleaning. */
final readonly class Equals implements Matcher
{
    private const LONGEST = 20_000;

    /** @param  list<string>  $texts */
    public function __construct(public array $texts)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->shorts('equals', self::LONGEST));
    }

    public function matches(Answer $answer): bool
    {
        $given = $answer->clean();
        foreach ($this->texts as $text) {
            if ($answer->cleaning->clean($text) === $given) {
                return true;
            }
        }

        return false;
    }
}

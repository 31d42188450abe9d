<?php

declare(strict_types=1);

namespace Fravel\Document\Answer\Matcher;

use Fravel\Document\Answer\Answer;
use Fravel\Support\Node;

/** `{"like": "light*ho?se"}`: `*` stands for any run of characters, `?` for any one, after cleaning. */
final readonly class Like implements Matcher
{
    public function __construct(public string $literal)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->text('like'));
    }

    /** Two pointers and the last star to fall back to: quadratic at worst, whatever the literal. */
    public function matches(Answer $answer): bool
    {
        $text = mb_str_split($answer->clean());
        $like = mb_str_split($answer->cleaning->cleanLike($this->literal));
        [$at, $in, $star, $mark] = [0, 0, -1, 0];
        while ($at < count($text)) {
            $sign = $like[$in] ?? null;
            if ($sign === '*') {
                [$star, $mark] = [$in++, $at];
            } elseif ($sign === '?' || $sign === $text[$at]) {
                [$in, $at] = [$in + 1, $at + 1];
            } elseif ($star >= 0) {
                [$in, $at] = [$star + 1, ++$mark];
            } else {
                return false;
            }
        }

        return trim(implode('', array_slice($like, $in)), '*') === '';
    }
}

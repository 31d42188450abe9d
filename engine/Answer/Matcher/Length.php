<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** `{"length": {"min": 3, "max": null, "of": "words"}}`: of the trimmed answer, in grapheme clusters or words. */
final readonly class Length implements Matcher
{
    public function __construct(public int $min, public ?int $max, public string $of)
    {
    }

    public static function read(Node $node): self
    {
        $length = $node->at('length');

        return new self(
            $length->whole('min', 0),
            $length->has('max') ? $length->whole('max', 0) : null,
            $length->oneOf('of', ['characters', 'words'], 'characters'),
        );
    }

    public function matches(Answer $answer): bool
    {
        $length = $this->of === 'words' ? self::words($answer->raw()) : (int) grapheme_strlen($answer->raw());

        return $length >= $this->min && ($this->max === null || $length <= $this->max);
    }

    /** Runs of letters and digits; an inner apostrophe or hyphen joins. */
    private static function words(string $text): int
    {
        return (int) preg_match_all('/[\p{L}\p{N}\p{M}]+(?:[\'’\-‐‑][\p{L}\p{N}\p{M}]+)*/u', $text);
    }
}

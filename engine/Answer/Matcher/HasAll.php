<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** `{"hasAll": ["phrase", …]}`: all of them stand in the answer, as whole words, in any order. */
final readonly class HasAll implements Matcher
{
    /** @param  list<string>  $phrases */
    public function __construct(public array $phrases)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->shorts('hasAll', Phrase::LONGEST));
    }

    public function matches(Answer $answer): bool
    {
        foreach ($this->phrases as $phrase) {
            if (! Phrase::standsIn($phrase, $answer)) {
                return false;
            }
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** `{"has": ["phrase", …]}`: any of them stands in the answer, as whole words. */
final readonly class Has implements Matcher
{
    /** @param  list<string>  $phrases */
    public function __construct(public array $phrases)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->shorts('has', Phrase::LONGEST));
    }

    public function matches(Answer $answer): bool
    {
        foreach ($this->phrases as $phrase) {
            if (Phrase::standsIn($phrase, $answer)) {
                return true;
            }
        }

        return false;
    }
}

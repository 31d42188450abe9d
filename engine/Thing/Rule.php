<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Answer\Matcher\Matcher;
use Fravel\Answer\Matcher\Matchers;
use Fravel\Document\Reaction;
use Fravel\State\Verdict;
use Fravel\Support\Node;

/** One line of a lock: what the answer must match, and what comes of it. */
final readonly class Rule
{
    /** @param  bool  $leadsOpen  whether its way is there, does nothing and leads nowhere yet */
    public function __construct(
        public Matcher $match,
        public Verdict $verdict,
        public Reaction $reaction,
        public bool $leadsOpen = false,
    ) {
    }

    public static function read(Node $node): self
    {
        $verdicts = array_column(Verdict::cases(), 'value');

        return new self(
            Matchers::read($node->at('match')),
            Verdict::from($node->oneOf('verdict', $verdicts, Verdict::Wrong->value)),
            Reaction::read($node),
            $node->at('go')->value === '' && $node->list('do') === [],
        );
    }

    public function opens(): bool
    {
        return $this->verdict === Verdict::Open;
    }
}

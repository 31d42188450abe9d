<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"not": Matcher}` */
final readonly class Not implements Matcher
{
    use NoNumber;
    use Single;

    public const FIELDS = ['not' => 'matcher'];

    public function __construct(public Matcher $part)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Matchers::read($node->at('not')));
    }

    public static function schema(): array
    {
        return ['not' => ['$ref' => '#/$defs/matcher']];
    }

    public function matches(Answer $answer): bool
    {
        return ! $this->part->matches($answer);
    }

    public function probe(Probes $probes): void
    {
        $this->part->probe($probes);
    }

    public function samples(): array
    {
        return [];
    }

    public function names(Input $input): array
    {
        return [];
    }

    public function isLiteral(): bool
    {
        return false;
    }

    public function readsCleaned(): bool
    {
        return $this->part->readsCleaned();
    }

    public function isLoose(): bool
    {
        return false;
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        return $other instanceof self && $parts->takesAll($other->part, $this->part);
    }

    public function weight(int $longest): int
    {
        return Weight::BASE + $this->part->weight($longest);
    }

    public function said(): Wording
    {
        return new Wording('matcher.not', parts: [$this->part->said()]);
    }
}

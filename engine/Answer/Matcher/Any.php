<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"any": [Matcher, …]}` */
final readonly class Any implements Matcher
{
    use NoNumber;

    public const FIELDS = ['any' => 'matchers'];

    /** @param  list<Matcher>  $parts */
    public function __construct(public array $parts)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Matchers::listed($node, 'any'));
    }

    public static function schema(): array
    {
        return ['any' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/matcher']]];
    }

    public function matches(Answer $answer): bool
    {
        foreach ($this->parts as $part) {
            if ($part->matches($answer)) {
                return true;
            }
        }

        return false;
    }

    public function probe(Probes $probes): void
    {
        foreach ($this->parts as $one) {
            $one->probe($probes);
        }
    }

    public function samples(): array
    {
        return array_merge([], ...array_map(static fn (Matcher $part): array => $part->samples(), $this->parts));
    }

    public function names(Input $input): array
    {
        return array_merge([], ...array_map(static fn (Matcher $part): array => $part->names($input), $this->parts));
    }

    public function isLiteral(): bool
    {
        return $this->parts !== [] &&
            array_filter($this->parts, static fn (Matcher $part): bool => ! $part->isLiteral()) === [];
    }

    public function readsCleaned(): bool
    {
        return array_filter($this->parts, static fn (Matcher $part): bool => ! $part->readsCleaned()) === [];
    }

    public function isLoose(): bool
    {
        return array_filter($this->parts, static fn (Matcher $part): bool => $part->isLoose()) !== [];
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        return array_filter($this->parts, static fn (Matcher $part): bool => $parts->takesAll($part, $other)) !== [] ||
            Span::takesAll([$this], $other);
    }

    public function choices(): array
    {
        return array_merge([], ...array_map(static fn (Matcher $part): array => $part->choices(), $this->parts));
    }

    public function joined(): array
    {
        return [$this];
    }

    public function weight(int $longest): int
    {
        return Weight::BASE +
            array_sum(array_map(static fn (Matcher $part): int => $part->weight($longest), $this->parts));
    }

    public function said(): Wording
    {
        return new Wording(
            'matcher.any',
            parts: array_map(static fn (Matcher $part): Wording => $part->said(), $this->parts),
        );
    }
}

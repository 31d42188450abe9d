<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"all": [Matcher, …]}` */
final readonly class All implements Matcher
{
    use NoNumber;

    public const FIELDS = ['all' => 'matchers'];

    /** @param  list<Matcher>  $parts */
    public function __construct(public array $parts)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Matchers::listed($node, 'all'));
    }

    public static function schema(): array
    {
        return ['all' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/matcher']]];
    }

    public function matches(Answer $answer): bool
    {
        foreach ($this->parts as $part) {
            if (! $part->matches($answer)) {
                return false;
            }
        }

        return true;
    }

    public function probe(Probes $probes): void
    {
        foreach ($this->parts as $one) {
            $one->probe($probes);
        }
        foreach (count($this->parts) > 1 ? $this->samples() : [] as $sample) {
            $probes->attempt($sample);
        }
    }

    public function samples(): array
    {
        $firsts = array_map(static fn (Matcher $part): mixed => $part->samples()[0] ?? null, $this->parts);
        $words = array_unique(array_filter($firsts, is_string(...)));

        return count($words) > 1
            ? [implode(' ', $words), ...array_values($words)]
            : array_values(array_filter($firsts, static fn (mixed $sample): bool => $sample !== null));
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
        return array_filter($this->parts, static fn (Matcher $part): bool => ! $part->readsCleaned()) === [];
    }

    public function isLoose(): bool
    {
        return false;
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        return array_filter($this->parts, static fn (Matcher $part): bool => ! $parts->takesAll($part, $other)) === [];
    }

    public function choices(): array
    {
        return [$this];
    }

    public function joined(): array
    {
        return $this->parts;
    }

    public function weight(int $longest): int
    {
        return Weight::BASE +
            array_sum(array_map(static fn (Matcher $part): int => $part->weight($longest), $this->parts));
    }

    public function said(): Wording
    {
        return new Wording(
            'matcher.all',
            parts: array_map(static fn (Matcher $part): Wording => $part->said(), $this->parts),
        );
    }
}

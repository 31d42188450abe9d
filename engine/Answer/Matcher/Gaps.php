<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"gaps": {"g1": Matcher, …}}`: each gap by its own matcher. */
final readonly class Gaps implements Partial
{
    use NoNumber;
    use Single;

    public const FIELDS = ['gaps' => 'gaps'];

    /** @param  array<string, Matcher>  $gaps */
    public function __construct(public array $gaps)
    {
    }

    public static function read(Node $node): self
    {
        return new self(array_map(Matchers::read(...), $node->map('gaps')));
    }

    public static function schema(): array
    {
        return [
            'gaps' => [
                'type' => 'object',
                'properties' => (object) [],
                'additionalProperties' => ['$ref' => '#/$defs/matcher'],
            ],
        ];
    }

    public function matches(Answer $answer): bool
    {
        return $this->rightParts($answer) === count($this->gaps);
    }

    public function rightParts(Answer $answer): int
    {
        $right = 0;
        foreach ($this->gaps as $gap => $matcher) {
            $right += $matcher->matches($answer->part($gap)) ? 1 : 0;
        }

        return $right;
    }

    public function probe(Probes $probes): void
    {
        foreach ($this->samples() as $sample) {
            $probes->answer($sample);
        }
        $probes->giveUp();
    }

    public function samples(): array
    {
        $filled = array_map(static fn (Matcher $gap): mixed => $gap->samples()[0] ?? 'zzzz', $this->gaps);

        return array_filter($filled, is_string(...)) === $filled && $filled !== [] ? [$filled] : [];
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
        return array_filter($this->gaps, static fn (Matcher $gap): bool => ! $gap->readsCleaned()) === [];
    }

    public function isLoose(): bool
    {
        return false;
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        return $other instanceof self &&
            $this->gaps !== [] &&
            array_keys($this->gaps) === array_keys($other->gaps) &&
            array_filter(
                array_keys($this->gaps),
                fn (string $gap): bool => ! $parts->takesAll($this->gaps[$gap], $other->gaps[$gap]),
            ) === [];
    }

    public function weight(int $longest): int
    {
        return Weight::BASE + array_sum(
            array_map(static fn (Matcher $gap): int => $gap->weight($longest), $this->gaps),
        );
    }

    public function said(): Wording
    {
        return new Wording(
            'matcher.gaps',
            parts: array_values(array_map(static fn (Matcher $gap): Wording => $gap->said(), $this->gaps)),
        );
    }

    public function size(): int
    {
        return count($this->gaps);
    }

    public function broken(mixed $answer, int $parts): mixed
    {
        return is_array($answer)
            ? array_fill_keys(array_slice(array_keys($answer), 0, $parts), 'zzzz') + $answer
            : $answer;
    }
}

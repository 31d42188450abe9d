<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"pairs": {"left": "right", …}}` */
final readonly class Pairs implements Partial
{
    use NoNumber;
    use Single;
    use Whole;

    public const FIELDS = ['pairs' => 'pairs'];

    /** @param  array<string, string>  $pairs left → right */
    public function __construct(public array $pairs)
    {
    }

    public static function read(Node $node): self
    {
        return new self(array_map(static fn (Node $right): string => $right->asText(), $node->map('pairs')));
    }

    public static function schema(): array
    {
        return [
            'pairs' => [
                'type' => 'object',
                'properties' => (object) [],
                'additionalProperties' => ['type' => 'string'],
            ],
        ];
    }

    public function matches(Answer $answer): bool
    {
        return $this->rightParts($answer) === count($this->pairs) && count($answer->map()) === count($this->pairs);
    }

    public function rightParts(Answer $answer): int
    {
        return count(array_intersect_assoc($answer->map(), $this->pairs));
    }

    public function probe(Probes $probes): void
    {
        $probes->answer($this->pairs);
    }

    public function samples(): array
    {
        return [$this->pairs];
    }

    public function names(Input $input): array
    {
        return [];
    }

    public function weight(int $longest): int
    {
        return Weight::BASE + count($this->pairs);
    }

    public function said(): Wording
    {
        return new Wording('matcher.pairs', named: ['parts' => array_keys($this->pairs)]);
    }

    public function size(): int
    {
        return count($this->pairs);
    }

    /** The first ones take what belongs to the next. */
    public function broken(mixed $answer, int $parts): mixed
    {
        $right = is_array($answer) ? array_values($answer) : [];
        foreach (array_slice(array_keys($right), 0, $parts) as $place) {
            $right[$place] = array_values((array) $answer)[($place + 1) % count($right)];
        }

        return is_array($answer) ? array_combine(array_keys($answer), $right) : $answer;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"order": ["a", "b"]}`: this list; also for keys and colours. */
final readonly class Order implements Partial
{
    use NoNumber;
    use Single;
    use Whole;

    public const FIELDS = ['order' => 'parts'];

    /** @param  list<string>  $ids */
    public function __construct(public array $ids)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->texts('order'));
    }

    public static function schema(): array
    {
        return ['order' => ['oneOf' => [['type' => 'string'], ['type' => 'array', 'items' => ['type' => 'string']]]]];
    }

    public function matches(Answer $answer): bool
    {
        return $answer->list() === $this->ids;
    }

    public function rightParts(Answer $answer): int
    {
        return count(array_intersect_assoc($answer->list(), $this->ids));
    }

    public function probe(Probes $probes): void
    {
        $probes->answer($this->ids);
    }

    public function samples(): array
    {
        return [$this->ids];
    }

    public function names(Input $input): array
    {
        return [];
    }

    public function weight(int $longest): int
    {
        return Weight::BASE + count($this->ids);
    }

    public function said(): Wording
    {
        return new Wording('matcher.order', named: ['parts' => $this->ids]);
    }

    public function size(): int
    {
        return count($this->ids);
    }

    /** One place too far round, of as many as shall be wrong: two at least change places. */
    public function broken(mixed $answer, int $parts): mixed
    {
        $moved = is_array($answer) ? array_slice(array_values($answer), 0, max(2, $parts)) : [];

        return $parts === 0 || $moved === []
            ? $answer
            : [...array_slice($moved, 1), $moved[0], ...array_slice(array_values((array) $answer), count($moved))];
    }
}

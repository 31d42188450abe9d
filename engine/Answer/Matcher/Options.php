<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"options": ["a", "c"]}`: exactly this set. */
final readonly class Options implements Partial
{
    use NoNumber;
    use Single;
    use Whole;

    public const FIELDS = ['options' => 'parts'];

    /** @param  list<string>  $ids */
    public function __construct(public array $ids)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->texts('options'));
    }

    public static function schema(): array
    {
        return ['options' => ['oneOf' => [['type' => 'string'], ['type' => 'array', 'items' => ['type' => 'string']]]]];
    }

    public function matches(Answer $answer): bool
    {
        return array_diff($answer->list(), $this->ids) === [] && array_diff($this->ids, $answer->list()) === [];
    }

    public function rightParts(Answer $answer): int
    {
        return count(array_intersect($answer->list(), $this->ids));
    }

    public function probe(Probes $probes): void
    {
        $probes->answer($this->ids);
        count($this->ids) === 1 ? $probes->answer($this->ids[0]) : null;
    }

    public function samples(): array
    {
        return [count($this->ids) === 1 ? $this->ids[0] : $this->ids, $this->ids];
    }

    public function names(Input $input): array
    {
        return array_values(array_intersect_key($input->parts(), array_flip($this->ids)));
    }

    public function weight(int $longest): int
    {
        return Weight::BASE + count($this->ids);
    }

    public function said(): Wording
    {
        return new Wording('matcher.options', named: ['parts' => $this->ids]);
    }

    public function size(): int
    {
        return count($this->ids);
    }

    public function broken(mixed $answer, int $parts): mixed
    {
        return is_array($answer) ? array_slice($answer, $parts) : $answer;
    }
}

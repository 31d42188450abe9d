<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Brick\Math\BigRational;
use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Number;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Probe\TypedProbes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"between": [a, b]}`: both ends count. */
final readonly class Between implements Matcher
{
    use AsTyped;
    use Single;

    public function __construct(public BigRational $least, public BigRational $most)
    {
    }

    public static function read(Node $node): self
    {
        $ends = array_map(static fn (Node $end): mixed => $end->value, $node->list('between'));
        [$least, $most] = [$ends[0] ?? null, $ends[1] ?? null];
        if (count($ends) !== 2 || ! self::isNumber($least) || ! self::isNumber($most)) {
            $node->at('between')->wrong('two numbers');

            return new self(BigRational::one(), BigRational::zero());
        }

        return new self(Number::of($least), Number::of($most));
    }

    public static function schema(): array
    {
        return ['between' => ['type' => 'array', 'items' => ['type' => 'number'], 'minItems' => 2, 'maxItems' => 2]];
    }

    /** @phpstan-assert-if-true int|float $end */
    private static function isNumber(mixed $end): bool
    {
        return is_int($end) || (is_float($end) && is_finite($end));
    }

    public function matches(Answer $answer): bool
    {
        $given = $answer->number();

        return $given !== null &&
            $given->isGreaterThanOrEqualTo($this->least) &&
            $given->isLessThanOrEqualTo($this->most);
    }

    public function probe(Probes $probes): void
    {
        $probes->number($this->least);
        $probes->number($this->most);
    }

    public function samples(): array
    {
        return [TypedProbes::written($this->least)];
    }

    public function names(Input $input): array
    {
        return [];
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        return $other == $this || Span::takesAll([$this], $other);
    }

    public function span(): Span
    {
        return new Span($this->least, $this->most, null);
    }

    public function weight(int $longest): int
    {
        return Weight::NUMBER;
    }

    public function said(): Wording
    {
        return new Wording('matcher.between', [
            'least' => TypedProbes::written($this->least),
            'most' => TypedProbes::written($this->most),
        ]);
    }
}

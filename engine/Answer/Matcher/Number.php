<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Brick\Math\BigRational;
use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Number as Reading;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Probe\TypedProbes;
use Fravel\Answer\Unit\Unit;
use Fravel\Answer\Unit\Units;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"number": 12.5}` with `within` (a number or "2%"), or `places`, and with `unit`. Exact. */
final readonly class Number implements Matcher
{
    use Single;

    public function __construct(
        public BigRational $number,
        public ?BigRational $within,
        public ?int $places,
        public ?Unit $unit,
        public string $symbol = '',
    ) {
    }

    public static function read(Node $node): self
    {
        $number = Reading::of($node->number('number'));
        $name = $node->maybeText('unit');
        $unit = $name === null || $name === '' ? null : Units::named($name);
        if ($name !== null && $name !== '' && $unit === null) {
            $node->problems->add('unit.unknown', $node->pointer.'/unit', ['found' => $name]);
        }

        return new self(
            $number,
            self::tolerance($node, $number),
            $node->has('places') ? $node->whole('places', 0, 0, 20) : null,
            $unit,
            $unit === null ? '' : (string) $name,
        );
    }

    public static function schema(): array
    {
        return [
            'number' => ['type' => 'number'],
            'within' => ['oneOf' => [['type' => 'number'], ['type' => 'string', 'pattern' => '^\\d+(\\.\\d+)? ?%$']]],
            'places' => ['type' => 'integer', 'minimum' => 0, 'maximum' => 20],
            'unit' => ['type' => ['string', 'null']],
        ];
    }

    public function matches(Answer $answer): bool
    {
        $given = $this->given($answer);
        if ($given === null) {
            return false;
        }
        if ($this->places !== null) {
            return Reading::rounded($given, $this->places)->isEqualTo(Reading::rounded($this->number, $this->places));
        }

        return $given
            ->minus($this->number)
            ->abs()
            ->isLessThanOrEqualTo($this->within ?? 0);
    }

    private function given(Answer $answer): ?BigRational
    {
        if ($this->unit === null) {
            return $answer->number();
        }

        return $answer->quantity()?->in($this->unit);
    }

    private static function tolerance(Node $node, BigRational $number): ?BigRational
    {
        $within = $node->at('within')->value;
        if (! is_string($within)) {
            return $within === null ? null : Reading::of($node->number('within'))->abs();
        }
        if (preg_match('/^(\d+(?:\.\d+)?) ?%$/D', $within, $part) === 1) {
            return BigRational::of($part[1])->dividedBy(100)->multipliedBy($number)->abs();
        }
        $node->at('within')->wrong('a number, or text such as "2%"');

        return null;
    }

    public function probe(Probes $probes): void
    {
        $probes->number($this->number, $this->unit, $this->symbol);
        foreach (
            $this->places === null
                ? array_filter([$this->within])
                : [BigRational::nd(1, 2)->dividedBy(BigRational::of(10)->power($this->places))] as $room
        ) {
            $middle =
                $this->places === null
                    ? $this->number
                    : Reading::rounded($this->number, $this->places)->toBigRational();
            $probes->number($middle->minus($room), $this->unit, $this->symbol);
            $probes->number($middle->plus($room), $this->unit, $this->symbol);
        }
    }

    public function samples(): array
    {
        return [TypedProbes::written($this->number)];
    }

    public function names(Input $input): array
    {
        return [(string) preg_replace('/(\.\d{3})0$/D', '$1', TypedProbes::written($this->number))];
    }

    public function isLiteral(): bool
    {
        return $this->within === null && $this->places === null && $this->unit === null;
    }

    public function readsCleaned(): bool
    {
        return false;
    }

    public function isLoose(): bool
    {
        return false;
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        return $other == $this || Span::takesAll([$this], $other);
    }

    public function span(): ?Span
    {
        if ($this->places !== null) {
            return null;
        }
        $room = $this->within ?? BigRational::zero();

        return new Span($this->number->minus($room), $this->number->plus($room), $this->unit);
    }

    public function weight(int $longest): int
    {
        return Weight::NUMBER;
    }

    public function said(): Wording
    {
        $room = match (true) {
            $this->within !== null => ' ± '.TypedProbes::written($this->within),
            default => '',
        };
        $number = TypedProbes::written($this->number).rtrim(" {$this->symbol}");

        return new Wording('matcher.number', ['number' => $number.$room]);
    }
}

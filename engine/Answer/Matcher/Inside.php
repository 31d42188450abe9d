<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\PointProbes;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;
use Fravel\Thing\Points;

/** `{"inside": [[x, y], …]}`: within this polygon; on its edge is inside. */
final readonly class Inside implements Matcher
{
    use NoNumber;
    use Single;

    /** How near to an edge counts as on it, in parts of the picture. */
    private const EDGE = 1e-9;

    /** @param  list<array{float, float}>  $corners */
    public function __construct(public array $corners)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Points::read($node, 'inside'));
    }

    public static function schema(): array
    {
        return [
            'inside' => [
                'type' => 'array',
                'items' => ['type' => 'array', 'items' => ['type' => 'number'], 'minItems' => 2, 'maxItems' => 2],
            ],
        ];
    }

    public function matches(Answer $answer): bool
    {
        if (! is_array($answer->value) || count($answer->value) !== 2) {
            return false;
        }
        [$x, $y] = array_map(floatval(...), array_values($answer->value));
        $inside = false;
        foreach ($this->corners as $index => $from) {
            $to = $this->corners[($index + 1) % count($this->corners)];
            if (self::isOn($x, $y, $from, $to)) {
                return true;
            }
            $inside = self::crosses($x, $y, $from, $to) ? ! $inside : $inside;
        }

        return $inside;
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function isOn(float $x, float $y, array $from, array $to): bool
    {
        $cross = ($to[0] - $from[0]) * ($y - $from[1]) - ($to[1] - $from[1]) * ($x - $from[0]);

        return abs($cross) <= self::EDGE &&
            $x >= min($from[0], $to[0]) - self::EDGE &&
            $x <= max($from[0], $to[0]) + self::EDGE &&
            $y >= min($from[1], $to[1]) - self::EDGE &&
            $y <= max($from[1], $to[1]) + self::EDGE;
    }

    /**
     * Whether a ray from the point to the right crosses this edge.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function crosses(float $x, float $y, array $from, array $to): bool
    {
        return $y < $to[1] !== $from[1] > $y &&
            $x < (($to[0] - $from[0]) * ($y - $from[1])) / ($to[1] - $from[1]) + $from[0];
    }

    public function probe(Probes $probes): void
    {
        $probes->area($this->corners);
    }

    public function samples(): array
    {
        return PointProbes::in([$this->corners]);
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
        return true;
    }

    public function isLoose(): bool
    {
        return false;
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        return $other == $this;
    }

    public function weight(int $longest): int
    {
        return Weight::BASE + 10 * count($this->corners);
    }

    public function said(): Wording
    {
        return new Wording('matcher.inside');
    }
}

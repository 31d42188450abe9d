<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Probe\PointProbes;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** A place on a picture: across and down, each from 0 to 1. */
final readonly class Point implements Input
{
    use Composed;

    public const FIELDS = ['asset' => 'asset'];

    public function __construct(public ?string $asset)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->maybeText('asset'));
    }

    public static function schema(): array
    {
        return ['asset' => ['type' => ['string', 'null']]];
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        if ($sent === null || $sent === '' || $sent === []) {
            return Refusal::blank();
        }
        if (! is_array($sent) || ! array_is_list($sent) || count($sent) !== 2) {
            return Refusal::malformed();
        }
        foreach ($sent as $part) {
            if ((! is_int($part) && ! is_float($part)) || $part < 0 || $part > 1) {
                return Refusal::malformed();
            }
        }

        return new Answer($sent, $cleaning);
    }

    public function shown(Showing $showing, string $lock): array
    {
        return ['type' => 'point', 'asset' => $this->asset];
    }

    public function ways(): ?float
    {
        return null;
    }

    public function every(int $most): ?array
    {
        return null;
    }

    public function probed(Probes $probes): array
    {
        return PointProbes::in($probes->areas);
    }

    public function isDecidedBy(Probes $probes): bool
    {
        return ! $probes->isOpaque && PointProbes::areComplete($probes->areas);
    }

    /** Taps at random, until one falls on what opens. */
    public function guesses(array $open, string $language): ?float
    {
        $probes = new Probes;
        foreach ($open as $matcher) {
            $matcher->probe($probes);
        }
        $area = array_sum(array_map(self::area(...), $probes->areas));

        return $area > 0.0 ? 1 / min(1.0, $area) : null;
    }

    public function entry(): Entry
    {
        return Entry::Picks;
    }

    public function parts(): array
    {
        return [];
    }

    /**
     * Shoelace formula.
     *
     * @param  list<array{float, float}>  $corners
     */
    private static function area(array $corners): float
    {
        $twice = 0.0;
        foreach ($corners as $place => [$x, $y]) {
            [$nextX, $nextY] = $corners[($place + 1) % count($corners)];
            $twice += $x * $nextY - $nextX * $y;
        }

        return abs($twice) / 2;
    }

    /** @return array{float, float} */
    private function drawn(int $number): array
    {
        return [0.5, 1 / (2 + $number)];
    }
}

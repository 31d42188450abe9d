<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"right": {"of": Matcher, "atLeast": 3}}`: so many parts right. */
final readonly class Right implements Matcher
{
    use NoNumber;
    use Single;

    public const FIELDS = ['right' => 'counted'];

    public function __construct(public ?Partial $of, public int $atLeast)
    {
    }

    public static function read(Node $node): self
    {
        $right = $node->at('right');
        $of = Matchers::read($right->at('of'));
        if (! ($of instanceof Partial)) {
            $right->at('of')->wrong('a matcher with parts: options, order, pairs or gaps');
            $of = null;
        }

        return new self($of, $right->whole('atLeast', 1, 1));
    }

    public static function schema(): array
    {
        return [
            'right' => [
                'type' => 'object',
                'properties' => [
                    'of' => ['$ref' => '#/$defs/matcher'],
                    'atLeast' => ['type' => 'integer', 'minimum' => 1],
                ],
                'required' => ['of'],
            ],
        ];
    }

    public function matches(Answer $answer): bool
    {
        return $this->of !== null && $this->of->rightParts($answer) >= $this->atLeast;
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
        $whole = $this->of?->samples() ?? [];
        $broken = array_map(
            fn (mixed $answer): mixed => $this->of?->broken($answer, max(0, $this->of->size() - $this->atLeast)),
            $whole,
        );

        return [...$whole, ...$broken];
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
        return $this->of === null || $this->of->readsCleaned();
    }

    public function isLoose(): bool
    {
        return false;
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        return match (true) {
            $other instanceof self => $this->of == $other->of && $this->atLeast <= $other->atLeast,
            $other instanceof Partial => $this->of == $other && $this->atLeast <= $other->size(),
            default => false,
        };
    }

    public function weight(int $longest): int
    {
        return Weight::BASE + ($this->of?->weight($longest) ?? 0);
    }

    public function said(): Wording
    {
        return new Wording(
            'matcher.right',
            ['count' => $this->atLeast],
            parts: $this->of === null ? [] : [$this->of->said()],
        );
    }
}

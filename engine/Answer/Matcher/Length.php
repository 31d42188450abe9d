<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"length": {"min": 3, "max": null, "of": "words"}}`: of the trimmed answer, in grapheme clusters or words. */
final readonly class Length implements Matcher
{
    use AsTyped;
    use NoNumber;
    use Single;

    /** Longer ones are no answer anywhere. */
    private const LONGEST_SAMPLE = 20_000;

    public function __construct(public int $min, public ?int $max, public string $of)
    {
    }

    public static function read(Node $node): self
    {
        $length = $node->at('length');

        return new self(
            $length->whole('min', 0),
            $length->has('max') ? $length->whole('max', 0) : null,
            $length->oneOf('of', ['characters', 'words'], 'characters'),
        );
    }

    public static function schema(): array
    {
        return [
            'length' => [
                'type' => 'object',
                'properties' => [
                    'min' => ['type' => 'integer', 'minimum' => 0],
                    'max' => ['type' => ['integer', 'null'], 'minimum' => 0],
                    'of' => ['enum' => ['characters', 'words']],
                ],
            ],
        ];
    }

    public function matches(Answer $answer): bool
    {
        $length = $this->of === 'words' ? self::words($answer->raw()) : (int) grapheme_strlen($answer->raw());

        return $length >= $this->min && ($this->max === null || $length <= $this->max);
    }

    /** Runs of letters and digits; an inner apostrophe or hyphen joins. */
    private static function words(string $text): int
    {
        return (int) preg_match_all('/[\p{L}\p{N}\p{M}]+(?:[\'’\-‐‑][\p{L}\p{N}\p{M}]+)*/u', $text);
    }

    public function probe(Probes $probes): void
    {
        foreach (
            array_filter([$this->min, $this->max], static fn (?int $border): bool => $border !== null) as $border
        ) {
            $probes->length($border, $this->of === 'words' ? 'words' : 'characters');
        }
    }

    public function samples(): array
    {
        return $this->min > self::LONGEST_SAMPLE
            ? []
            : [
                $this->of === 'words'
                    ? trim(str_repeat('word ', max(1, $this->min)))
                    : str_repeat('x', max(1, $this->min)),
            ];
    }

    public function names(Input $input): array
    {
        return [];
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        if ($this->min === 0 && $this->max === null) {
            return true;
        }

        return $other instanceof self &&
            $this->of === $other->of &&
            $this->min <= $other->min &&
            ($this->max === null || ($other->max !== null && $this->max >= $other->max));
    }

    public function weight(int $longest): int
    {
        return Weight::BASE + intdiv($longest, 2);
    }

    public function said(): Wording
    {
        return new Wording('matcher.length', ['min' => $this->min, 'max' => $this->max ?? 0, 'of' => $this->of]);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"hasAll": ["phrase", …]}`: all of them stand in the answer, as whole words, in any order. */
final readonly class HasAll implements Matcher
{
    use NoNumber;
    use Single;

    /** @param  list<string>  $phrases */
    public function __construct(public array $phrases)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->shorts('hasAll', Phrase::LONGEST));
    }

    public static function schema(): array
    {
        return [
            'hasAll' => [
                'oneOf' => [
                    ['type' => 'string', 'maxLength' => 500],
                    ['type' => 'array', 'items' => ['type' => 'string', 'maxLength' => 500]],
                ],
            ],
        ];
    }

    public function matches(Answer $answer): bool
    {
        foreach ($this->phrases as $phrase) {
            if (! Phrase::standsIn($phrase, $answer)) {
                return false;
            }
        }

        return true;
    }

    public function probe(Probes $probes): void
    {
        $probes->answer(implode(' ', $this->phrases));
        $probes->giveUp();
    }

    public function samples(): array
    {
        return [implode(' ', $this->phrases)];
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
        return true;
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        $isSaid = static fn (string $short): bool => $other instanceof self &&
            array_filter($other->phrases, static fn (string $phrase): bool => Phrase::isSaidIn([$short], $phrase)) !==
                [];

        return $other == $this || ($this->phrases !== [] && array_filter($this->phrases, $isSaid) === $this->phrases);
    }

    public function weight(int $longest): int
    {
        return Weight::ofTexts($this->phrases, intdiv($longest, 20), $longest / 2000);
    }

    public function said(): Wording
    {
        return new Wording('matcher.hasAll', ['words' => implode(', ', $this->phrases)]);
    }
}

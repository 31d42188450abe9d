<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"has": ["phrase", …]}`: any of them stands in the answer, as whole words. */
final readonly class Has implements Matcher
{
    use NoNumber;
    use Single;

    /** @param  list<string>  $phrases */
    public function __construct(public array $phrases)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->shorts('has', Phrase::LONGEST));
    }

    public static function schema(): array
    {
        return [
            'has' => [
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
            if (Phrase::standsIn($phrase, $answer)) {
                return true;
            }
        }

        return false;
    }

    public function probe(Probes $probes): void
    {
        foreach ($this->phrases as $phrase) {
            $probes->answer($phrase);
        }
        $probes->giveUp();
    }

    public function samples(): array
    {
        return $this->phrases;
    }

    public function names(Input $input): array
    {
        return $this->phrases;
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
        return match (true) {
            $other instanceof self => $other->phrases !== [] &&
                array_filter(
                    $other->phrases,
                    fn (string $phrase): bool => ! Phrase::isSaidIn($this->phrases, $phrase),
                ) === [],
            $other instanceof HasAll => array_filter(
                $other->phrases,
                fn (string $phrase): bool => Phrase::isSaidIn($this->phrases, $phrase),
            ) !== [],
            default => $other == $this,
        };
    }

    public function weight(int $longest): int
    {
        return Weight::ofTexts($this->phrases, intdiv($longest, 20), $longest / 2000);
    }

    public function said(): Wording
    {
        return new Wording('matcher.has', ['words' => implode(', ', $this->phrases)]);
    }
}

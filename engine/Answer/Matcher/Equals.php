<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"equals": "s"}` or a list of which any will do, after cleaning; fair to how it is written where the lock is. */
final readonly class Equals implements Matcher
{
    use NoNumber;
    use Single;

    private const LONGEST = 20_000;

    /** @param  list<string>  $texts */
    public function __construct(public array $texts)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->shorts('equals', self::LONGEST));
    }

    public static function schema(): array
    {
        return [
            'equals' => [
                'oneOf' => [
                    ['type' => 'string', 'maxLength' => 20000],
                    ['type' => 'array', 'items' => ['type' => 'string', 'maxLength' => 20000]],
                ],
            ],
        ];
    }

    public function matches(Answer $answer): bool
    {
        foreach ($this->texts as $text) {
            if (self::isSame($answer, $text)) {
                return true;
            }
        }

        return false;
    }

    private static function isSame(Answer $answer, string $text): bool
    {
        $cleaning = $answer->cleaning;
        $wanted = $cleaning->compared($text);
        $isSigned = $cleaning->meant->isSigned($text) || $cleaning->meant->isSigned($answer->raw());
        if (! $isSigned && $answer->compared() === $wanted) {
            return true;
        }
        if ($cleaning->meant->isAny() && self::isMeant($answer, $text)) {
            return true;
        }
        $isOneWord = ! str_contains($cleaning->clean($text), ' ');
        if ($isOneWord && $cleaning->fairness->isSameInNumber($answer->compared(), $wanted, $cleaning->language)) {
            return true;
        }
        $number = ctype_digit($wanted[0] ?? '') ? $answer->counted($answer->raw()) : null;

        return $number !== null && $cleaning->compared($number) === $wanted;
    }

    /** Whether it is the same but for the keys it was typed with, the ending of its last word, or a number in words. */
    private static function isMeant(Answer $answer, string $text): bool
    {
        $cleaning = $answer->cleaning;
        if ($cleaning->meant->mayMeet($answer->raw(), $text) && $answer->meant() === $cleaning->meant($text)) {
            return true;
        }
        if ($cleaning->meant->isSameInEnding($answer->clean(), $cleaning->clean($text), $cleaning->language)) {
            return true;
        }

        $number = $cleaning->meant->numeral(Cleaning::trim($text), $cleaning->language);

        return preg_match('/^(?:0|-?[1-9]\d*)$/D', $number) === 1
            && ! ctype_digit($answer->raw())
            && $answer->numeral() === $number;
    }

    public function probe(Probes $probes): void
    {
        foreach ($this->texts as $one) {
            $probes->answer($one);
        }
    }

    public function samples(): array
    {
        return $this->texts;
    }

    public function names(Input $input): array
    {
        return $this->texts;
    }

    public function isLiteral(): bool
    {
        return true;
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
        return $other instanceof self && array_diff($other->texts, $this->texts) === [];
    }

    public function weight(int $longest): int
    {
        return Weight::ofTexts($this->texts, 0, 0.2);
    }

    public function said(): Wording
    {
        return new Wording('matcher.equals', ['words' => implode(', ', $this->texts)]);
    }
}

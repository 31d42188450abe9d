<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"like": "light*ho?se"}`: `*` stands for any run of characters, `?` for any one, after cleaning. */
final readonly class Like implements Matcher
{
    use NoNumber;
    use Single;

    private const LONGEST = 500;

    public function __construct(public string $literal)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->short('like', self::LONGEST));
    }

    public static function schema(): array
    {
        return ['like' => ['type' => 'string', 'maxLength' => 500]];
    }

    /**
     * Piece by piece between the stars, each at the first place where it fits: what comes after can only gain by that,
     * so nothing is ever tried again.
     */
    public function matches(Answer $answer): bool
    {
        $text = $answer->clean();
        $pieces = explode('*', $answer->cleaning->cleanLike($this->literal));
        $last = array_pop($pieces);
        if ($pieces === []) {
            return self::fits('\A', $last, '\z', $text, 0) !== null;
        }
        $at = self::fits('\A', array_shift($pieces), '', $text, 0);
        foreach ($pieces as $piece) {
            $at = $at === null || $piece === '' ? $at : self::fits('', $piece, '', $text, $at);
        }

        return $at !== null && ($last === '' || self::fits('', $last, '\z', $text, $at) !== null);
    }

    /** Where the piece ends that fits first from this place on, in bytes; null where none does. */
    private static function fits(string $before, string $piece, string $behind, string $text, int $from): ?int
    {
        $pattern = str_replace('\\?', '.', preg_quote($piece, '~'));

        return preg_match("~{$before}(?:{$pattern}){$behind}~su", $text, $found, PREG_OFFSET_CAPTURE, $from) === 1
            ? $found[0][1] + strlen($found[0][0])
            : null;
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
        return [str_replace(['*', '?'], ['', 'x'], $this->literal)];
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
        return $other == $this || ($this->literal !== '' && trim($this->literal, '*') === '');
    }

    public function weight(int $longest): int
    {
        return Weight::BASE +
            strlen($this->literal) +
            intdiv($longest, 10) * (1 + intdiv(substr_count($this->literal, '?'), 5));
    }

    public function said(): Wording
    {
        return new Wording('matcher.like', ['words' => $this->literal]);
    }
}

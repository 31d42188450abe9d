<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"close": "s", "edits": 1}`: at most so many slips of the pen away, after cleaning. */
final readonly class Close implements Matcher
{
    use NoNumber;
    use Single;

    private const LONGEST = 200;

    public function __construct(public string $text, public int $edits)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->short('close', self::LONGEST), $node->whole('edits', 1, 0, 10));
    }

    public static function schema(): array
    {
        return [
            'close' => ['type' => 'string', 'maxLength' => 200],
            'edits' => ['type' => 'integer', 'minimum' => 0, 'maximum' => 10],
        ];
    }

    public function matches(Answer $answer): bool
    {
        [$given, $wanted] = [$answer->clean(), $answer->cleaning->clean($this->text)];
        if ($given === $wanted) {
            return true;
        }
        [$given, $wanted] = [mb_str_split($given), mb_str_split($wanted)];
        if (abs(count($given) - count($wanted)) > $this->edits || count($wanted) > self::LONGEST) {
            return false;
        }

        return self::isWithin($given, $wanted, $this->edits);
    }

    /**
     * Whether the optimal string alignment (insertions, deletions, substitutions and swaps of neighbours, no part
     * edited twice) has at most so many edits: Damerau, "A technique for computer detection and correction of spelling
     * errors", CACM 7 (1964). Only the band of the table is filled in which so few are possible, and no further than
     * any are left: Ukkonen, "Algorithms for approximate string matching", Information and Control 64 (1985).
     *
     * @param  list<string>  $a
     * @param  list<string>  $b
     */
    private static function isWithin(array $a, array $b, int $edits): bool
    {
        $far = $edits + 1;
        [$before, $row] = [[], range(0, min(count($b), $far))];
        foreach ($a as $i => $left) {
            [$first, $last] = [max(0, $i - $edits), min(count($b) - 1, $i + $edits)];
            $next = $i < $edits ? [$i + 1] : [];
            $least = $next[0] ?? $far;
            for ($j = $first; $j <= $last; $j++) {
                $cost = min(
                    ($row[$j + 1] ?? $far) + 1,
                    ($next[$j] ?? $far) + 1,
                    ($row[$j] ?? $far) + ($left === $b[$j] ? 0 : 1),
                );
                if ($i > 0 && $j > 0 && $left === $b[$j - 1] && $a[$i - 1] === $b[$j]) {
                    $cost = min($cost, ($before[$j - 1] ?? $far) + 1);
                }
                $next[$j + 1] = min($cost, $far);
                $least = min($least, $cost);
            }
            [$before, $row] = [$row, $next];
            // A swap reaches back over a row, and no row is more than one edit better than the one behind it.
            if ($least > $edits) {
                return false;
            }
        }

        return ($row[count($b)] ?? $far) <= $edits;
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
        return [$this->text, mb_substr($this->text, 0, -1)];
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
        return $other instanceof self && $this->text === $other->text && $this->edits >= $other->edits;
    }

    public function weight(int $longest): int
    {
        return Weight::BASE + Weight::SLIP * mb_strlen($this->text) * (2 * $this->edits + 1);
    }

    public function said(): Wording
    {
        return new Wording('matcher.close', ['words' => $this->text, 'edits' => $this->edits]);
    }
}

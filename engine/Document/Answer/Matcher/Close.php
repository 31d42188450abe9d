<?php

declare(strict_types=1);

namespace Fravel\Document\Answer\Matcher;

use Fravel\Document\Answer\Answer;
use Fravel\Support\Node;

/** `{"close": "s", "edits": 1}`: at most so many slips of the pen away, after cleaning. */
final readonly class Close implements Matcher
{
    public function __construct(public string $text, public int $edits)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->text('close'), $node->whole('edits', 1, 0, 10));
    }

    public function matches(Answer $answer): bool
    {
        $given = mb_str_split($answer->clean());
        $wanted = mb_str_split($answer->cleaning->clean($this->text));
        if (abs(count($given) - count($wanted)) > $this->edits) {
            return false;
        }

        return self::distance($given, $wanted) <= $this->edits;
    }

    /**
     * Optimal string alignment: insertions, deletions, substitutions and swaps of neighbours, no part edited twice.
     * Damerau, "A technique for computer detection and correction of spelling errors", CACM 7 (1964).
     *
     * @param  list<string>  $a
     * @param  list<string>  $b
     */
    private static function distance(array $a, array $b): int
    {
        $rows = [range(0, count($b))];
        foreach ($a as $i => $left) {
            $row = [$i + 1];
            foreach ($b as $j => $right) {
                $row[$j + 1] = min($rows[$i][$j + 1] + 1, $row[$j] + 1, $rows[$i][$j] + ($left === $right ? 0 : 1));
                if ($i > 0 && $j > 0 && $left === $b[$j - 1] && $a[$i - 1] === $right) {
                    $row[$j + 1] = min($row[$j + 1], $rows[$i - 1][$j - 1] + 1);
                }
            }
            $rows[$i + 1] = $row;
            unset($rows[$i - 1]);
        }

        return $rows[count($a)][count($b)];
    }
}

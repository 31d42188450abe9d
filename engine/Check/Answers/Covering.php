<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Matcher\Comparing;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Check\Effort;

/**
 * Whether one matcher takes every answer that another does, by what they are. Where that can't be told the answer is
 * no.
 */
final class Covering implements Comparing
{
    /**
     * @var array<int, array<int, bool>> wide → narrow → what was found: in nested matchers the same pair comes up again
     *     and again
     */
    private array $known = [];

    public function __construct(private readonly Effort $effort = new Effort())
    {
    }

    public function takesAll(Matcher $wide, Matcher $narrow): bool
    {
        return $this->known[spl_object_id($wide)][spl_object_id($narrow)] ??= $this->found($wide, $narrow);
    }

    private function found(Matcher $wide, Matcher $narrow): bool
    {
        $this->effort->spend();
        if ($wide == $narrow) {
            return true;
        }
        $choices = $narrow->choices();
        if ($choices !== [$narrow]) {
            return $choices !== [] &&
                array_filter($choices, fn (Matcher $choice): bool => ! $this->takesAll($wide, $choice)) === [];
        }
        if ($wide->covers($narrow, $this)) {
            return true;
        }
        $joined = $narrow->joined();

        return $joined !== [$narrow] &&
            array_filter($joined, fn (Matcher $part): bool => $this->takesAll($wide, $part)) !== [];
    }
}

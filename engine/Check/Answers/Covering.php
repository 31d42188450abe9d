<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Matcher\All;
use Fravel\Answer\Matcher\Any;
use Fravel\Answer\Matcher\Anything;
use Fravel\Answer\Matcher\Close;
use Fravel\Answer\Matcher\Form;
use Fravel\Answer\Matcher\Gaps;
use Fravel\Answer\Matcher\Has;
use Fravel\Answer\Matcher\HasAll;
use Fravel\Answer\Matcher\Length;
use Fravel\Answer\Matcher\Like;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Answer\Matcher\Not;
use Fravel\Answer\Matcher\Partial;
use Fravel\Answer\Matcher\Right;
use Fravel\Check\Effort;

/** Whether one matcher takes every answer that another does, by what they are. Where that can't be told the answer is no. */
final class Covering
{
    /** @var array<int, array<int, bool>> wide → narrow → what was found: in nested matchers the same pair comes up again and again */
    private array $known = [];

    private function __construct(private readonly Effort $effort)
    {
    }

    public static function takesAll(Matcher $wide, Matcher $narrow, Effort $effort = new Effort): bool
    {
        return (new self($effort))->covers($wide, $narrow);
    }

    private function covers(Matcher $wide, Matcher $narrow): bool
    {
        return $this->known[spl_object_id($wide)][spl_object_id($narrow)] ??= $this->found($wide, $narrow);
    }

    private function found(Matcher $wide, Matcher $narrow): bool
    {
        $this->effort->spend();
        if ($wide instanceof Anything || $wide == $narrow || ($wide instanceof Like && trim($wide->literal, '*') === '' && $wide->literal !== '')) {
            return true;
        }

        return $this->byParts($wide, $narrow) || $this->byKind($wide, $narrow) || Span::takesAll([$wide], $narrow);
    }

    /** All, any and not, on either side. */
    private function byParts(Matcher $wide, Matcher $narrow): bool
    {
        if ($narrow instanceof Any) {
            return $narrow->parts !== [] && self::each($narrow->parts, fn (Matcher $part): bool => $this->covers($wide, $part));
        }
        if ($wide instanceof All) {
            return self::each($wide->parts, fn (Matcher $part): bool => $this->covers($part, $narrow));
        }
        if ($narrow instanceof All && ! self::each($narrow->parts, fn (Matcher $part): bool => ! $this->covers($wide, $part))) {
            return true;
        }
        if ($wide instanceof Any) {
            return ! self::each($wide->parts, fn (Matcher $part): bool => ! $this->covers($part, $narrow));
        }

        return $wide instanceof Not && $narrow instanceof Not && $this->covers($narrow->part, $wide->part);
    }

    private function byKind(Matcher $wide, Matcher $narrow): bool
    {
        return match (true) {
            $wide instanceof Has && $narrow instanceof Has => $narrow->phrases !== [] && self::each($narrow->phrases, static fn (string $phrase): bool => self::isSaidIn($wide->phrases, $phrase)),
            $wide instanceof Has && $narrow instanceof HasAll => ! self::each($narrow->phrases, static fn (string $phrase): bool => ! self::isSaidIn($wide->phrases, $phrase)),
            $wide instanceof HasAll && $narrow instanceof HasAll => $wide->phrases !== [] && self::each($wide->phrases, static fn (string $short): bool => ! self::each($narrow->phrases, static fn (string $phrase): bool => ! self::isSaidIn([$short], $phrase))),
            $wide instanceof Close && $narrow instanceof Close => $wide->text === $narrow->text && $wide->edits >= $narrow->edits,
            $wide instanceof Length && $narrow instanceof Length => $wide->of === $narrow->of && $wide->min <= $narrow->min && ($wide->max === null || ($narrow->max !== null && $wide->max >= $narrow->max)),
            $wide instanceof Length => $wide->min === 0 && $wide->max === null,
            $wide instanceof Form && $narrow instanceof Form => $wide->form === 'decimal' && $narrow->form === 'whole',
            $wide instanceof Right && $narrow instanceof Right => $wide->of == $narrow->of && $wide->atLeast <= $narrow->atLeast,
            $wide instanceof Right && $narrow instanceof Partial => $wide->of == $narrow && $wide->atLeast <= self::partsOf($narrow),
            $wide instanceof Gaps && $narrow instanceof Gaps => $wide->gaps !== [] && array_keys($wide->gaps) === array_keys($narrow->gaps) && self::each(array_keys($wide->gaps), fn (string $gap): bool => $this->covers($wide->gaps[$gap], $narrow->gaps[$gap])),
            default => false,
        };
    }

    private static function partsOf(Partial $matcher): int
    {
        return count($matcher->ids ?? $matcher->pairs ?? $matcher->gaps ?? []);
    }

    /**
     * Whether one of the short phrases stands in the long one as whole words.
     *
     * @param  list<string>  $short
     */
    private static function isSaidIn(array $short, string $long): bool
    {
        return ! self::each($short, static fn (string $phrase): bool => preg_match('/(?<![\p{L}\p{N}])'.preg_quote(mb_strtolower($phrase), '/').'(?![\p{L}\p{N}])/u', mb_strtolower($long)) !== 1);
    }

    /**
     * @template T
     *
     * @param  list<T>  $parts
     * @param  callable(T): bool  $holds
     */
    private static function each(array $parts, callable $holds): bool
    {
        foreach ($parts as $part) {
            if (! $holds($part)) {
                return false;
            }
        }

        return true;
    }
}

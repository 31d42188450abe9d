<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Term\Reader;
use Fravel\Answer\Term\Simplest;
use Fravel\Answer\Term\Term;
use Fravel\Answer\Term\Terms;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/**
 * `{"mathematics": "2(x+3)", "as": "any"}`: a term that is equal in value, in any form; `given`, the same but for the
 * order and the signs of what is added and multiplied; or `simplest`, worked out as far as it goes.
 */
final readonly class Mathematics implements Matcher
{
    use AsTyped;
    use NoNumber;
    use Single;

    private const FORMS = ['any', 'given', 'simplest'];

    private ?Term $wanted;

    /** Whether its letters are large or small whatever is typed: phones begin with a capital. */
    private bool $isFolded;

    public function __construct(public string $term, public string $as)
    {
        $this->isFolded = ! self::tellsCases($term);
        $this->wanted = $this->termOf($term);
    }

    public static function read(Node $node): self
    {
        $read = new self(
            $node->short('mathematics', Reader::LONGEST), $node->oneOf('as', self::FORMS, self::FORMS[0]),
        );
        if ($read->wanted === null && $read->term !== '') {
            $node->problems->add('mathematics.malformed', $node->pointer.'/mathematics', ['found' => $read->term]);
        }

        return $read;
    }

    public static function schema(): array
    {
        return [
            'mathematics' => ['type' => 'string', 'maxLength' => Reader::LONGEST],
            'as' => ['enum' => self::FORMS, 'default' => self::FORMS[0]],
        ];
    }

    public function matches(Answer $answer): bool
    {
        $given = $this->wanted === null ? null : $this->termOf($answer->raw());

        return $given !== null && match ($this->as) {
            'given' => $given->written() === $this->wanted->written(),
            'simplest' => Simplest::is($given) && Terms::areEqual($given, $this->wanted),
            default => Terms::areEqual($given, $this->wanted),
        };
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
        $worked = $this->as === 'given' || $this->wanted === null ? null : Simplest::of($this->wanted);

        return match (true) {
            $this->wanted === null => [],
            $this->as === 'simplest' => [$worked ?? $this->term],
            default => array_values(array_unique([$this->term, $worked ?? $this->term])),
        };
    }

    public function names(Input $input): array
    {
        return [$this->term];
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        if (! $other instanceof self || $this->wanted === null || $other->wanted === null) {
            return $other == $this;
        }

        return $other == $this || ($this->as === 'any' && $this->isFolded === $other->isFolded
            && Terms::areSurelyEqual($this->wanted, $other->wanted) === true);
    }

    public function weight(int $longest): int
    {
        return Weight::TERM;
    }

    public function said(): Wording
    {
        $isExact = $this->wanted === null || Terms::areSurelyEqual($this->wanted, $this->wanted) !== null;
        $kind = match (true) {
            $this->as === 'given' => 'matcher.mathematicsGiven',
            ! $isExact => 'matcher.mathematicsAtNumbers',
            $this->as === 'simplest' => 'matcher.mathematicsSimplest',
            default => 'matcher.mathematics',
        };

        return new Wording($kind, ['words' => $this->term]);
    }

    /** What it is called, such as in `A = 2x`, may stand before it. */
    private function termOf(string $text): ?Term
    {
        $text = (string) preg_replace('/^\s*\p{L}?\s*=/u', '', $text);

        return Reader::read($this->isFolded ? mb_strtolower($text) : $text);
    }

    private static function tellsCases(string $term): bool
    {
        preg_match_all('/\p{L}/u', $term, $letters);
        $small = array_unique($letters[0]);

        return count($small) !== count(array_unique(array_map(mb_strtolower(...), $small)));
    }
}

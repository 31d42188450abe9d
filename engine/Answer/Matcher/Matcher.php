<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** What an answer must be like; the key it is written under names its kind. */
interface Matcher
{
    /** Field → what it holds: the kind of part it names, or one of the shapes of Walk. */
    public const FIELDS = [];

    public static function read(Node $node): self;

    /** @return array<string, mixed> field → what the published JSON Schema says of it */
    public static function schema(): array;

    public function matches(Answer $answer): bool;

    /**
     * Puts in what tells answers apart that it takes from those it does not: answers it names, numbers and lengths at
     * its borders, areas; or says that such probes can't tell.
     */
    public function probe(Probes $probes): void;

    /** @return list<mixed> answers that it is likely to take, the plainest first */
    public function samples(): array;

    /** @return list<string> answers it names, in words that a student of this input would read */
    public function names(Input $input): array;

    /** Whether all that it takes is named in it. */
    public function isLiteral(): bool;

    /** Whether answers that are the same after cleaning are the same to it. */
    public function readsCleaned(): bool;

    /** Whether it takes answers in which its words stand among others. */
    public function isLoose(): bool;

    /**
     * Whether it takes every answer that the other one does, by what the two are; where that can't be told it says no.
     */
    public function covers(self $other, Comparing $parts): bool;

    /** @return list<self> those of which it takes what any of them takes; itself alone where it is no such choice */
    public function choices(): array;

    /** @return list<self> those all of which an answer must match; itself alone where it joins none */
    public function joined(): array;

    /** The numbers it takes, where they lie between two ends. */
    public function span(): ?Span;

    /**
     * How much work it is to match one answer, in steps of about a tenth of a microsecond.
     *
     * @param  int  $longest  characters of an answer
     */
    public function weight(int $longest): int;

    public function said(): Wording;
}

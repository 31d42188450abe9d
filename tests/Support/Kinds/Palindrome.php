<?php

declare(strict_types=1);

namespace Tests\Support\Kinds;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Matcher\Comparing;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Answer\Matcher\Span;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"palindrome": true}`: reads the same from behind. */
final readonly class Palindrome implements Matcher
{
    public static function read(Node $node): self
    {
        return new self;
    }

    public static function schema(): array
    {
        return ['palindrome' => ['const' => true]];
    }

    public function matches(Answer $answer): bool
    {
        return $answer->clean() === implode('', array_reverse(mb_str_split($answer->clean())));
    }

    public function probe(Probes $probes): void
    {
        $probes->answer('abba');
        $probes->giveUp();
    }

    public function samples(): array
    {
        return ['abba'];
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
        return $other instanceof self;
    }

    public function choices(): array
    {
        return [$this];
    }

    public function joined(): array
    {
        return [$this];
    }

    public function span(): ?Span
    {
        return null;
    }

    public function weight(int $longest): int
    {
        return Weight::BASE + $longest;
    }

    public function said(): Wording
    {
        return new Wording('matcher.palindrome');
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"anything": true}` */
final readonly class Anything implements Matcher
{
    use NoNumber;
    use Single;

    public function __construct()
    {
    }

    public static function read(Node $node): self
    {
        $node->flag('anything');

        return new self;
    }

    public static function schema(): array
    {
        return ['anything' => ['type' => 'boolean']];
    }

    public function matches(Answer $answer): bool
    {
        return true;
    }

    public function probe(Probes $probes): void
    {
        // There is nothing to tell apart.
    }

    public function samples(): array
    {
        return ['x'];
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
        return true;
    }

    public function weight(int $longest): int
    {
        return 1;
    }

    public function said(): Wording
    {
        return new Wording('matcher.anything');
    }
}

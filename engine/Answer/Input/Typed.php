<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Probe\TypedProbes;
use Fravel\Answer\Refusal;

/** What all inputs that yield typed text share. */
trait Typed
{
    public function ways(): ?float
    {
        return null;
    }

    public function every(int $most): ?array
    {
        return null;
    }

    public function probed(Probes $probes): array
    {
        return (new TypedProbes($probes, $this->longest()))->all();
    }

    public function isDecidedBy(Probes $probes): bool
    {
        return (new TypedProbes($probes, $this->longest()))->areComplete();
    }

    public function longest(): int
    {
        return self::LONGEST;
    }

    public function effects(): array
    {
        return [];
    }

    public function effectsOf(Answer $answer): array
    {
        return [];
    }

    public function picks(): array
    {
        return [];
    }

    public function parts(): array
    {
        return [];
    }

    public function isTypedInParts(): bool
    {
        return false;
    }

    public function signs(array $colours, array $alts): array
    {
        return [];
    }

    private function acceptText(mixed $sent, Cleaning $cleaning, int $longest): Answer|Refusal
    {
        if (! is_string($sent) || ! mb_check_encoding($sent, 'UTF-8')) {
            return is_int($sent) || is_float($sent)
                ? $this->acceptText((string) $sent, $cleaning, $longest)
                : Refusal::malformed();
        }
        if (mb_strlen($sent) > $longest) {
            return Refusal::tooLong($longest);
        }

        return Cleaning::trim($sent) === '' ? Refusal::blank() : new Answer($sent, $cleaning);
    }
}

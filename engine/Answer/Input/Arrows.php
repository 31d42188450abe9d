<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Probe\ListProbes;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** So many directions: a string of U, D, L and R. */
final readonly class Arrows implements Input
{
    use Composed;

    public function __construct(public int $length)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->whole('length', 4, 1, 40));
    }

    public static function schema(): array
    {
        return ['length' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 40]];
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        if (! is_string($sent) || strlen($sent) > 200) {
            return Refusal::malformed();
        }
        if (trim($sent) === '') {
            return Refusal::blank();
        }
        if (preg_match('/^[UDLR]+$/D', $sent) !== 1) {
            return Refusal::malformed();
        }

        return strlen($sent) === $this->length ? new Answer($sent, $cleaning) : Refusal::incomplete();
    }

    public function ways(): float
    {
        return 4.0 ** $this->length;
    }

    public function shown(Showing $showing, string $lock): array
    {
        return ['type' => 'arrows', 'length' => $this->length];
    }

    /** However they were written: cleaning makes no difference between large and small letters. */
    public function probed(Probes $probes): array
    {
        return ListProbes::withAnother(
            array_map(
                static fn (mixed $answer): mixed => is_string($answer) ? strtoupper(trim($answer)) : $answer,
                array_values($probes->answers),
            ),
            $this->drawn(...),
            $this->ways(),
        );
    }

    public function every(int $most): ?array
    {
        return Arrangements::texts(['U', 'D', 'L', 'R'], $this->length, $most);
    }

    public function entry(): Entry
    {
        return Entry::Code;
    }

    public function parts(): array
    {
        return [];
    }

    public function signs(array $colours, array $alts): array
    {
        return ['U' => '↑', 'D' => '↓', 'L' => '←', 'R' => '→'];
    }

    private function drawn(int $number): string
    {
        return implode('', ListProbes::spelt($number, ['U', 'D', 'L', 'R'], $this->length));
    }
}

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
use Normalizer;

/** A code of so many digits, judged only when the last one is in. */
final readonly class Digits implements Input
{
    use Composed;

    public function __construct(public int $length)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->whole('length', 4, 1, 20));
    }

    public static function schema(): array
    {
        return ['length' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 20]];
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        if (! is_string($sent) || strlen($sent) > 200) {
            return Refusal::malformed();
        }
        $normal = Normalizer::normalize($sent, Normalizer::FORM_KC);
        $digits = (string) preg_replace('/[\s\p{Z}]+/u', '', $normal === false ? '' : $normal);
        if ($digits === '') {
            return Refusal::blank();
        }
        if (preg_match('/^\d+$/D', $digits) !== 1) {
            return Refusal::malformed();
        }

        return strlen($digits) === $this->length ? new Answer($digits, $cleaning) : Refusal::incomplete();
    }

    public function ways(): float
    {
        return 10.0 ** $this->length;
    }

    public function shown(Showing $showing, string $lock): array
    {
        return ['type' => 'digits', 'length' => $this->length];
    }

    public function every(int $most): ?array
    {
        return Arrangements::texts(array_map(strval(...), range(0, 9)), $this->length, $most);
    }

    /** Each is a whole number, so those on and beside every border stand for all. */
    public function probed(Probes $probes): array
    {
        $codes = ListProbes::codes(array_column($probes->numbers, 0), $this->length);

        return ListProbes::withAnother(
            [...array_values($probes->answers), ...$codes],
            $this->drawn(...),
            $this->ways(),
        );
    }

    public function entry(): Entry
    {
        return Entry::Code;
    }

    public function parts(): array
    {
        return [];
    }

    private function drawn(int $number): string
    {
        return str_pad(substr((string) (7 + 1231 * $number), -$this->length), $this->length, '0', STR_PAD_LEFT);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Probe\ListProbes;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** So many colours from a palette of names. */
final readonly class Colours implements Input
{
    use Composed;
    use Picks;

    /** @param  list<string>  $palette */
    public function __construct(public array $palette, public int $length)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->texts('palette'), $node->whole('length', 3, 1, 40));
    }

    public static function schema(): array
    {
        return [
            'palette' => ['type' => 'array', 'items' => ['type' => 'string']],
            'length' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 40],
        ];
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        return $this->acceptList($sent, $cleaning, $this->palette, $this->length);
    }

    public function ways(): float
    {
        return (float) count($this->palette) ** $this->length;
    }

    public function shown(Showing $showing, string $lock): array
    {
        return ['type' => 'colours', 'palette' => $this->palette, 'length' => $this->length];
    }

    public function every(int $most): ?array
    {
        return Arrangements::lists($this->palette, $this->length, $most);
    }

    public function entry(): Entry
    {
        return Entry::Picks;
    }

    public function parts(): array
    {
        return array_combine($this->palette, $this->palette);
    }

    public function signs(array $colours, array $alts): array
    {
        return $colours;
    }

    /** @return list<string> */
    private function drawn(int $number): array
    {
        $ids = $this->palette;

        return $ids === [] ? [] : ListProbes::spelt($number, $ids, $this->length);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Edit;

/** `{"remove": part}` */
final readonly class RemovePart implements Command
{
    use Opens;

    public function __construct(public string $part)
    {
    }

    public function on(OpenDocument $open): Command|Refusal
    {
        if (! $open->isMovable($this->part)) {
            return new Refusal('part.gone');
        }
        ['list' => $list, 'in' => $in, 'after' => $after, 'value' => $value] = $open->remove($this->part);

        return new InsertPart($list, $in, $after, $value);
    }

    public function touched(OpenDocument $open): array
    {
        return array_map(static fn (string $id): string => "{$id}.*", $open->idsIn($this->part));
    }

    public function toArray(): array
    {
        return ['remove' => $this->part];
    }
}

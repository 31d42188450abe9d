<?php

declare(strict_types=1);

namespace Fravel\Edit;

/** `{"drop": list, "in": part}`: takes away a list that holds nothing, as it was before its first entry came. */
final readonly class DropEmptyList implements Command
{
    use Opens;

    public function __construct(public string $in, public string $list)
    {
    }

    public function on(OpenDocument $open): Command
    {
        if (! $open->isEmptyList($this->in, $this->list)) {
            return $this;
        }
        $open->dropList($this->in, $this->list);

        return new Together([]);
    }

    public function touched(OpenDocument $open): array
    {
        return [];
    }

    public function toArray(): array
    {
        return ['drop' => $this->list, 'in' => $this->in];
    }
}

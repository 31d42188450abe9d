<?php

declare(strict_types=1);

namespace Fravel\Edit;

/** `{"move": part, "in": part, "after": id or null}`: to another place in its list, or a thing to another scene. */
final readonly class MovePart implements Command
{
    use Opens;

    public function __construct(public string $part, public string $in, public ?string $after)
    {
    }

    public function on(OpenDocument $open): Command|Refusal
    {
        $back = (new RemovePart($this->part))->on($open);
        if (! ($back instanceof InsertPart)) {
            return $back instanceof Refusal ? $back : new Refusal('part.gone');
        }
        $inserted = (new InsertPart($back->list, $this->in, $this->after, $back->value))->on($open);
        if ($inserted instanceof Refusal) {
            return $inserted;
        }
        $return = new self($this->part, $back->in, $back->after);

        return $inserted instanceof Together
            ? new Together([$return, new DropEmptyList($this->in, $back->list)])
            : $return;
    }

    public function touched(OpenDocument $open): array
    {
        return ["{$this->part}.@place"];
    }

    public function toArray(): array
    {
        return ['move' => $this->part, 'in' => $this->in, 'after' => $this->after];
    }
}

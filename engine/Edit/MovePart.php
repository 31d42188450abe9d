<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\Game;

/** `{"move": part, "in": part, "after": id or null}`: to another place in its list, or a thing to another scene. */
final readonly class MovePart implements Command
{
    public function __construct(public string $part, public string $in, public ?string $after)
    {
    }

    public function apply(Game $game): Edited|Refusal
    {
        $removed = (new RemovePart($this->part))->apply($game);
        if ($removed instanceof Refusal) {
            return $removed;
        }
        /** @var InsertPart $back */
        $back = $removed->inverse;
        $inserted = (new InsertPart($back->list, $this->in, $this->after, $back->value))->apply($removed->game);
        if ($inserted instanceof Refusal) {
            return $inserted;
        }
        $return = new self($this->part, $back->in, $back->after);

        return new Edited($inserted->game, $inserted->inverse instanceof Together
            ? new Together([$return, new DropEmptyList($this->in, $back->list)])
            : $return);
    }

    public function touches(Game $game): array
    {
        return ["{$this->part}.@place"];
    }

    public function toArray(): array
    {
        return ['move' => $this->part, 'in' => $this->in, 'after' => $this->after];
    }
}

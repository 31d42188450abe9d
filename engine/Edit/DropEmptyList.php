<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\Game;

/** `{"drop": list, "in": part}`: takes away a list that holds nothing, as it was before its first entry came. */
final readonly class DropEmptyList implements Command
{
    public function __construct(public string $in, public string $list)
    {
    }

    public function apply(Game $game): Edited
    {
        $path = Tree::path($game->document, $this->in);
        $holder = $path === null ? null : Tree::get($game->document, $path);
        if ($path === null || ! is_array($holder) || ($holder[$this->list] ?? null) !== []) {
            return new Edited($game, $this);
        }
        unset($holder[$this->list]);

        return new Edited(Game::of(Tree::put($game->document, $path, $holder)), new Together([]));
    }

    public function touches(Game $game): array
    {
        return [];
    }

    public function toArray(): array
    {
        return ['drop' => $this->list, 'in' => $this->in];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\Game;
use Fravel\Document\Ids;

/** `{"remove": part}` */
final readonly class RemovePart implements Command
{
    public function __construct(public string $part)
    {
    }

    public function apply(Game $game): Edited|Refusal
    {
        $path = Tree::path($game->document, $this->part);
        if ($path === null || count($path) < 2) {
            return new Refusal('part.gone');
        }
        $place = (int) array_pop($path);
        $list = (string) end($path);
        /** @var list<array<array-key, mixed>> $entries */
        $entries = Tree::get($game->document, $path);
        $value = $entries[$place] ?? [];
        array_splice($entries, $place, 1);
        $in = count($path) > 1 ? Tree::get($game->document, [...array_slice($path, 0, -1), 'id']) : self::GAME;
        $after = $entries[$place - 1]['id'] ?? null;

        return new Edited(
            Game::of(Tree::put($game->document, $path, $entries)),
            new InsertPart($list, is_string($in) ? $in : self::GAME, is_string($after) ? $after : null, $value),
        );
    }

    public function touches(Game $game): array
    {
        $part = Tree::get($game->document, Tree::path($game->document, $this->part) ?? ['']);

        return array_map(static fn (string $id): string => "{$id}.*", array_map(strval(...), array_keys(Ids::in(is_array($part) ? $part : []))));
    }

    public function toArray(): array
    {
        return ['remove' => $this->part];
    }
}

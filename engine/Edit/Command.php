<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\GameDocument;

/**
 * One change of a game: a game in, a new game and the command that undoes it out, or a refusal.
 *
 * Parts are named by id, never by position, so a command still means the same after somebody else's change.
 */
interface Command
{
    /** Names the game itself where a command wants the id of a part. */
    public const GAME = '@game';

    public function apply(GameDocument $game): Edited|Refusal;

    /**
     * What it touches in this game, as "part.field", "part.*" for the whole of a part, or "+part" for a new one. Two
     * commands that touch nothing in common may be applied in either order.
     *
     * @return list<string>
     */
    public function touches(GameDocument $game): array;

    /**
     * Makes the change on an open document and gives the command that takes it back; after a refusal the document is of
     * no use.
     */
    public function on(OpenDocument $open): self|Refusal;

    /** @return list<string> what it touches in the document as it stands, before it is made */
    public function touched(OpenDocument $open): array;

    /** @return array<string, mixed> */
    public function toArray(): array;
}

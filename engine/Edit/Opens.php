<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\GameDocument;

/**
 * How a command changes a game: it opens the document, makes the change and closes it.
 *
 * @internal
 */
trait Opens
{
    public function apply(GameDocument $game): Edited|Refusal
    {
        $open = OpenDocument::of($game->document);
        $inverse = $this->on($open);

        return $inverse instanceof Refusal ? $inverse : new Edited($game->changed($open->close()), $inverse);
    }

    public function touches(GameDocument $game): array
    {
        return $this->touched(OpenDocument::of($game->document));
    }
}

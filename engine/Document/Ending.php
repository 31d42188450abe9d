<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Support\Node;

/** Makes its scene end the play: won, lost or open; and what of the play is left to the student then. */
final readonly class Ending
{
    /**
     * @param  bool  $receipt  whether own answers may be kept
     * @param  bool  $again  whether it may be played once more
     */
    public function __construct(public string $kind, public string $md, public bool $receipt, public bool $again)
    {
    }

    public static function maybe(Node $node): ?self
    {
        if ($node->value === null) {
            return null;
        }

        return new self(
            $node->oneOf('kind', ['won', 'lost', 'open'], 'open'),
            $node->text('md'),
            $node->flag('receipt'),
            $node->flag('again'),
        );
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Showing;
use Fravel\Support\Node;

/** A box of a find-it board, and the prompt that asks for it; one without only stands among the others. */
final readonly class FindBox
{
    /** @param  string  $ask  the prompt (CommonMark); '' for none */
    public function __construct(public string $id, public string $ask, public string $md, public ?string $asset)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id(), $node->text('ask'), $node->text('md'), $node->maybeText('asset'));
    }

    public function isAskedFor(): bool
    {
        return trim($this->ask) !== '';
    }

    /** Whether both look the same, so that one is as right as the other. */
    public function looksLike(self $other): bool
    {
        return trim($this->md) === trim($other->md) && $this->asset === $other->asset;
    }

    /** @return array{id: string, md: string, asset: ?string, isFound: bool} never what it is asked for with */
    public function shown(Showing $showing): array
    {
        return [
            'id' => $this->id,
            'md' => $showing->fill($this->md),
            'asset' => $this->asset,
            'isFound' => $showing->state->hasFound($this->id),
        ];
    }
}

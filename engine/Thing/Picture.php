<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Showing;
use Fravel\Support\Node;

/** A picture; what to say of it stands with its asset. */
final readonly class Picture extends Thing
{
    use Passive;

    public const FIELDS = ['asset' => 'asset'];

    public function __construct(Common $common, public ?string $asset)
    {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(Common::read($node), $node->maybeText('asset'));
    }

    public static function schema(): array
    {
        return ['asset' => ['type' => ['string', 'null']]];
    }

    public function shown(Showing $showing): array
    {
        return ['asset' => $this->asset];
    }

    public function words(): array
    {
        return [];
    }

    public function lacksFile(): bool
    {
        return ($this->asset ?? '') === '';
    }
}

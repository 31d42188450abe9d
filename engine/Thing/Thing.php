<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Showing;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** Whatever stands in a scene. */
abstract readonly class Thing
{
    /** Field → kind of part it names; read by References. */
    public const REFERS = [];

    public string $id;

    public function __construct(public Common $common)
    {
        $this->id = $common->id;
    }

    abstract public static function read(Node $node): self;

    /**
     * What a student's device may know of it now, beyond what all things show: never a rule, an accepted answer, a
     * back that is not lifted or where something leads.
     *
     * @return array<string, mixed>
     */
    abstract public function shown(Showing $showing): array;

    public function isShown(PlayState $state, int $now): bool
    {
        return $this->common->if === null || $this->common->if->holds($state, $now);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** How a lock is answered; its `type` names its kind. */
interface Input
{
    public static function read(Node $node): self;

    /** What was sent, brought into the shape this input yields; or why it is no answer. */
    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal;

    /** How many different answers there are; null when nobody can count them. */
    public function ways(): ?float;

    /**
     * What a device needs to ask for it.
     *
     * @return array<string, mixed>
     */
    public function shown(Showing $showing, string $lock): array;
}

<?php

declare(strict_types=1);

namespace Tests\Support\Kinds;

use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;
use Fravel\Document\Showing;
use Fravel\Document\Trigger;
use Fravel\State\Action;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Thing\Common;
use Fravel\Thing\Keeping;
use Fravel\Thing\Thing;
use Fravel\Thing\Turn;
use Fravel\Thing\Words;

/** A bell that sounds once: what is in `rung` happens at the first tap, and never again. */
final readonly class Bell extends Thing
{
    public const FIELDS = ['rung' => 'reactions'];

    /** @param  list<Reaction>  $rung */
    public function __construct(Common $common, public string $md, public array $rung)
    {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(Common::read($node), $node->text('md'), Reaction::listed($node, 'rung'));
    }

    public static function schema(): array
    {
        return ['rung' => ['$ref' => '#/$defs/reactions']];
    }

    public function shown(Showing $showing): array
    {
        return ['md' => $showing->fill($this->md), 'sounded' => in_array($this->id, $showing->state->cued, true)];
    }

    public function conditions(): array
    {
        return ['if' => $this->common->if];
    }

    public function reactions(): array
    {
        return [new ReactionList($this->id, 'rung', Trigger::Act, $this->rung, Fact::cued($this->id))];
    }

    public function actions(): array
    {
        return [['choose' => $this->id]];
    }

    public function act(Action $action, Turn $turn): void
    {
        if ($action->verb !== 'choose' || in_array($this->id, $turn->state()->cued, true)) {
            $turn->refuse('thing.other');

            return;
        }
        $turn->become($turn->state()->passCue($this->id));
        $turn->fire($this->rung);
    }

    public function locks(): array
    {
        return [];
    }

    public function things(): array
    {
        return [];
    }

    public function thingsIn(PlayState $state): array
    {
        return [];
    }

    public function liftedBy(): ?string
    {
        return null;
    }

    public function keep(Keeping $keeping): void
    {
        $keeping->keep(Fact::cued($this->id));
    }

    public function onlyAdds(): bool
    {
        // What it gives it gives once: a state in which it sounded can do less.
        return false;
    }

    public function mayTake(): bool
    {
        return false;
    }

    public function isOpenEnd(): bool
    {
        return $this->rung === [];
    }

    public function words(): array
    {
        return [new Words($this->md)];
    }

    public function lacksFile(): bool
    {
        return false;
    }
}

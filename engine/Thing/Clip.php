<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\ReactionList;
use Fravel\Document\Showing;
use Fravel\Document\Trigger;
use Fravel\State\Action;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** A video or a sound with cues in time. */
final readonly class Clip extends Thing
{
    public const FIELDS = ['asset' => 'asset', 'captions' => 'asset', 'cues' => 'cues'];

    /** @param  list<Cue>  $cues */
    public function __construct(Common $common, public ?string $asset, public ?string $captions, public array $cues)
    {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(
            Common::read($node),
            $node->maybeText('asset'),
            $node->maybeText('captions'),
            array_map(Cue::read(...), $node->list('cues')),
        );
    }

    public static function schema(): array
    {
        return [
            'asset' => ['type' => ['string', 'null']],
            'captions' => ['type' => ['string', 'null']],
            'cues' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/cue']],
        ];
    }

    public function cue(string $id): ?Cue
    {
        foreach ($this->cues as $cue) {
            if ($cue->id === $id) {
                return $cue;
            }
        }

        return null;
    }

    /** The moments are shown, what happens at them is not. */
    public function shown(Showing $showing): array
    {
        return [
            'asset' => $this->asset,
            'captions' => $this->captions,
            'cues' => array_map(
                static fn (Cue $cue): array => ['id' => $cue->id, 'at' => $cue->at, 'pause' => $cue->pause],
                $this->cues,
            ),
        ];
    }

    public function conditions(): array
    {
        return ['if' => $this->common->if];
    }

    public function reactions(): array
    {
        return array_map(
            static fn (Cue $cue): ReactionList => new ReactionList(
                $cue->id,
                'react',
                Trigger::Cue,
                $cue->react,
                Fact::cued($cue->id),
            ),
            $this->cues,
        );
    }

    public function actions(): array
    {
        return array_map(static fn (Cue $cue): array => ['cue' => $cue->id], $this->cues);
    }

    public function act(Action $action, Turn $turn): void
    {
        $cue = $action->verb === 'cue' ? $this->cue($action->on) : null;
        // A cue is passed once: winding a clip back gives nothing twice.
        if ($cue === null || in_array($cue->id, $turn->state()->cued, true)) {
            $turn->refuse($cue === null ? 'thing.other' : 'cue.passed');

            return;
        }
        $turn->become($turn->state()->passCue($cue->id));
        $turn->fire($cue->react);
    }

    public function locks(): array
    {
        return [];
    }

    public function things(): array
    {
        return array_merge([], ...array_map(static fn (Cue $cue): array => $cue->things, $this->cues));
    }

    public function thingsIn(PlayState $state): array
    {
        return array_merge(
            [],
            ...array_map(
                static fn (Cue $cue): array => in_array($cue->id, $state->cued, true) ? $cue->things : [],
                $this->cues,
            ),
        );
    }

    public function liftedBy(): ?string
    {
        return null;
    }

    public function keep(Keeping $keeping): void
    {
        foreach ($this->cues as $cue) {
            $keeping->keep(Fact::cued($cue->id));
        }
    }

    public function onlyAdds(): bool
    {
        return true;
    }

    public function mayTake(): bool
    {
        return false;
    }

    public function isOpenEnd(): bool
    {
        return false;
    }

    public function words(): array
    {
        return [];
    }

    public function lacksFile(): bool
    {
        return ($this->asset ?? '') === '';
    }

    public function isMeantBy(Action $action): bool
    {
        return $action->verb === 'cue' ? $this->cue($action->on) !== null : parent::isMeantBy($action);
    }
}

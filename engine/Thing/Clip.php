<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Showing;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** A video or a sound with cues in time. */
final readonly class Clip extends Thing
{
    public const REFERS = ['asset' => 'asset', 'captions' => 'asset'];

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

    public function cue(string $id): ?Cue
    {
        foreach ($this->cues as $cue) {
            if ($cue->id === $id) {
                return $cue;
            }
        }

        return null;
    }

    /** @return list<Thing> */
    public function thingsOfPassedCues(PlayState $state): array
    {
        $things = [];
        foreach ($this->cues as $cue) {
            if (in_array($cue->id, $state->cued, true)) {
                array_push($things, ...$cue->things);
            }
        }

        return $things;
    }

    /** The moments are shown, what happens at them is not. */
    public function shown(Showing $showing): array
    {
        return [
            'asset' => $this->asset,
            'captions' => $this->captions,
            'cues' => array_map(static fn (Cue $cue): array => ['id' => $cue->id, 'at' => $cue->at, 'pause' => $cue->pause], $this->cues),
        ];
    }
}

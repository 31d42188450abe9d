<?php

declare(strict_types=1);

namespace Fravel\Film;

use Fravel\Condition\Condition;
use Fravel\Condition\Conditions;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/**
 * What makes a scene a stop of a clip: when it opens, where it stands beside the picture, and what it waits for. It is
 * read from a scene that Films has completed.
 */
final readonly class Stop
{
    /** Where its things stand: beside or below the picture, or over a part of it. */
    public const PLACES = ['beside', 'below', 'left', 'right', 'top', 'bottom'];

    /** Seconds that one which goes by itself may stay at most. */
    private const LONGEST = 600;

    /**
     * @param  float  $at  seconds from the beginning of the clip
     * @param  float|null  $lasts  seconds after which it goes by itself while the film runs on; null where it waits
     * @param  bool  $free  whether one may go on from it without having answered
     * @param  string  $place  one of PLACES
     * @param  string  $home  the scene that the clip stands in; '' where there is none
     * @param  Condition|null  $needs  for whom it opens at all
     * @param  Condition|null  $done  when the film may go on; null for always
     * @param  Condition|null  $gate  when the film may have come as far as here; null for always
     */
    public function __construct(
        public string $id,
        public string $clip,
        public float $at,
        public ?float $lasts,
        public bool $free,
        public string $place,
        public string $home,
        public ?Condition $needs,
        private ?Condition $done,
        private ?Condition $gate,
    ) {
    }

    /** @param  Node  $node  the stop of a scene */
    public static function read(Node $node, string $scene): self
    {
        return new self(
            $scene,
            $node->text('clip'),
            max(0.0, (float) $node->number('at')),
            $node->has('lasts') ? min(self::LONGEST, max(1.0, (float) $node->number('lasts'))) : null,
            $node->flag('free'),
            $node->known('place', self::PLACES, self::PLACES[0]),
            $node->text('home'),
            Conditions::maybe($node->at('needs')),
            Conditions::maybe($node->at('done')),
            Conditions::maybe($node->at('gate')),
        );
    }

    /** Null where the scene is none, or its clip is gone. */
    public static function maybe(Node $node, string $scene): ?self
    {
        $stop = $node->isMap() ? self::read($node, $scene) : null;

        return $stop === null || $stop->home === '' ? null : $stop;
    }

    /** @return array<string, mixed> what the published JSON Schema says of it */
    public static function schema(): array
    {
        return [
            'type' => ['object', 'null'],
            'description' => 'the scene is a page at a moment of a clip',
            'properties' => [
                'clip' => ['$ref' => '#/$defs/id'],
                'at' => ['type' => 'number', 'minimum' => 0, 'description' => 'seconds'],
                'lasts' => [
                    'type' => ['number', 'null'], 'minimum' => 1, 'maximum' => self::LONGEST,
                    'description' => 'seconds after which it goes by itself; it waits where there is none',
                ],
                'free' => ['type' => 'boolean', 'description' => 'one may go on without having answered'],
                'place' => ['enum' => self::PLACES],
            ],
            'required' => ['clip', 'at'],
        ];
    }

    public function waits(): bool
    {
        return $this->lasts === null;
    }

    /** Whether everybody it opens for may go by unanswered, as it is meant. */
    public function letsBy(): bool
    {
        return $this->free || $this->lasts !== null;
    }

    /** Whether it opens for this play at all. */
    public function isMet(PlayState $state, int $now): bool
    {
        return $this->needs === null || $this->needs->holds($state, $now);
    }

    /** Whether the film may go on from it. */
    public function isDone(PlayState $state, int $now): bool
    {
        return $this->done === null || $this->done->holds($state, $now);
    }

    /** Whether the film may have come as far: nothing that must be answered lies before it unanswered. */
    public function isOpen(PlayState $state, int $now): bool
    {
        return $this->gate === null || $this->gate->holds($state, $now);
    }

    /** @return array<string, Condition|null> what coming to it depends on */
    public function conditions(): array
    {
        return ["gate of {$this->id}" => $this->gate, "needs of {$this->id}" => $this->needs];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"lift": "cover"}` */
final readonly class Lift implements Effect
{
    use Uncounted;

    public const FIELDS = ['lift' => 'cover'];

    public function __construct(public string $cover)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('lift'));
    }

    public static function schema(): array
    {
        return ['lift' => ['$ref' => '#/$defs/id']];
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->lift($this->cover);
    }

    public function changes(GameDocument $game): array
    {
        return [Fact::lifted($this->cover)];
    }

    public function isGain(): bool
    {
        return true;
    }

    public function mayTake(): bool
    {
        return false;
    }

    public function said(): Wording
    {
        return new Wording('effect.lift', named: ['part' => [$this->cover]]);
    }
}

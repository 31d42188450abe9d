<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"lower": "cover"}` */
final readonly class Lower implements Effect
{
    use Uncounted;

    public const FIELDS = ['lower' => 'cover'];

    public function __construct(public string $cover)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('lower'));
    }

    public static function schema(): array
    {
        return ['lower' => ['$ref' => '#/$defs/id']];
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->lower($this->cover);
    }

    public function changes(GameDocument $game): array
    {
        return [Fact::lifted($this->cover)];
    }

    public function isGain(): bool
    {
        return false;
    }

    public function mayTake(): bool
    {
        return true;
    }

    public function said(): Wording
    {
        return new Wording('effect.lower', named: ['part' => [$this->cover]]);
    }
}

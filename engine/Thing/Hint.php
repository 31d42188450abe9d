<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Condition\Condition;
use Fravel\Condition\Conditions;
use Fravel\Document\Reaction;
use Fravel\Effect\Effect;
use Fravel\Effect\Effects;
use Fravel\Support\Node;

/** Help the student may ask for, from when its condition holds. */
final readonly class Hint
{
    /** @param  list<Effect>  $effects */
    public function __construct(public string $md, public ?Condition $after, public array $effects)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->text('md'), Conditions::maybe($node->at('after')), Effects::listed($node, 'do'));
    }

    /** As a reaction: its condition says when it may be asked for. */
    public function reaction(): Reaction
    {
        return new Reaction($this->after, $this->md, $this->effects, null);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Reaction;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** Hides its back until lifted: by tap, by pulling, by sliding across, or by a lock. */
final readonly class Cover extends Thing
{
    public const REFERS = ['lock' => 'lock'];

    /** @param  list<Reaction>  $react */
    public function __construct(
        Common $common,
        public Face $front,
        public Face $back,
        public string $opens,
        public bool $toggle,
        public string $toward,
        public ?string $lock,
        public array $react,
    ) {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(
            Common::read($node),
            Face::read($node->at('front')),
            Face::read($node->at('back')),
            $node->oneOf('opens', ['tap', 'pull', 'slide', 'lock'], 'tap'),
            $node->flag('toggle'),
            $node->oneOf('toward', ['left', 'right', 'up', 'down'], 'up'),
            $node->maybeText('lock'),
            Reaction::listed($node, 'react'),
        );
    }

    public function isLiftedByHand(): bool
    {
        return $this->opens !== 'lock';
    }

    public function shown(Showing $showing): array
    {
        $lifted = $showing->state->isLifted($this->id);

        return [
            'lifted' => $lifted,
            'opens' => $this->opens,
            'toggle' => $this->toggle,
            'toward' => $this->toward,
            'face' => ($lifted ? $this->back : $this->front)->shown($showing),
        ];
    }
}

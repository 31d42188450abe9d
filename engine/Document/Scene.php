<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Condition\Condition;
use Fravel\Condition\Conditions;
use Fravel\Film\Stop;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/** Where a student is at a moment. */
final readonly class Scene
{
    /**
     * @param  list<Reaction>  $refused
     * @param  list<Reaction>  $arrive
     * @param  list<Thing>  $things
     * @param  list<Reaction>  $next
     * @param  Stop|null  $stop  where the scene is a page at a moment of a clip
     * @param  string|null  $sound  an asset that is heard here, once a student wants it
     * @param  Condition|null  $waitsFor  what must be done before one may go on, where the scene waits
     * @param  bool  $waits  whether going on waits until all that is asked here is done
     * @param  bool  $finding  whether to find what is hidden on the stage is the task
     */
    public function __construct(
        public string $id,
        public string $title,
        public ?string $chapter,
        public Layout $layout,
        public Backdrop $backdrop,
        public ?Condition $needs,
        public array $refused,
        public array $arrive,
        public array $things,
        public array $next,
        public bool $back,
        public ?Ending $ending,
        public bool $finding = false,
        public ?Stop $stop = null,
        public ?string $sound = null,
        public bool $waits = false,
        private ?Condition $waitsFor = null,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('title'),
            $node->maybeText('chapter'),
            Layout::from($node->oneOf('layout', ['stage', 'page'], 'page')),
            Backdrop::read($node->at('backdrop')),
            Conditions::maybe($node->at('needs')),
            Reaction::listed($node, 'refused'),
            Reaction::listed($node, 'arrive'),
            Things::listed($node, 'things'),
            Reaction::listed($node, 'next'),
            $node->flag('back'),
            Ending::maybe($node->at('ending')),
            $node->flag('finding'),
            Stop::maybe($node->at('stop'), $node->text('id')),
            $node->maybeText('sound'),
            $node->flag('waits'),
            Conditions::maybe($node->at('waitsFor')),
        );
    }

    /**
     * The things a student sees now, those of passed cues with them.
     *
     * @return list<Thing>
     */
    public function shown(PlayState $state, int $now): array
    {
        return Things::shown($this->things, $state, $now);
    }

    /** Why one may not go on from here yet, as a reason of refusal; null where nothing holds one up. */
    public function heldUpBy(PlayState $state, int $now): ?string
    {
        if ($this->stop !== null && ! $this->stop->isDone($state, $now)) {
            return 'stop.open';
        }
        if ($this->waitsFor !== null && ! $this->waitsFor->holds($state, $now)) {
            return 'continue.waits';
        }
        foreach (Things::shown($this->things, $state, $now) as $thing) {
            if ($thing->holdsUp($state, $now)) {
                return 'film.open';
            }
        }

        return null;
    }

    /** Whether going on from here is offered: nothing holds it up, and something would come of it. */
    public function goesOn(PlayState $state, int $now): bool
    {
        $reaction = Reaction::firing($this->next, $state, $now);

        return $reaction !== null && ($reaction->say !== '' || $reaction->acts())
            && $this->heldUpBy($state, $now) === null;
    }

    /** @return list<ReactionList> all that may happen here, that of its things with it */
    public function reactions(): array
    {
        return [
            new ReactionList($this->id, 'refused', Trigger::Refused, $this->refused),
            new ReactionList($this->id, 'arrive', Trigger::Arrive, $this->arrive),
            new ReactionList($this->id, 'next', Trigger::Next, $this->next),
            ...array_merge(
                [],
                ...array_map(static fn (Thing $thing): array => $thing->reactions(), Things::flattened($this->things)),
            ),
        ];
    }
}

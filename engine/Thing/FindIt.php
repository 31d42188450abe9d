<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;
use Fravel\Document\Showing;
use Fravel\Document\Trigger;
use Fravel\State\Action;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/**
 * A find-it board: prompts come one after the other, and each is answered by finding its box among all. A device gets
 * the prompt that is asked now, and boxes that are all alike.
 */
final readonly class FindIt extends Thing
{
    use HoldsNothing;

    public const FIELDS = ['boxes' => 'boxes', 'react' => 'reactions', 'otherwise' => 'reactions'];

    /** What stands in another order for each play: with neither the next prompt would ask for the next box. */
    public const MIXED = ['prompts', 'boxes', 'both'];

    /** What becomes of a box that was found. */
    public const FOUND = ['marked', 'gone'];

    private const MOST_BOXES = 200;

    /** Verdicts that a state keeps of a board: it was begun, or what the last pick was. */
    private const BEGUN = 'begun';

    /**
     * @param  list<FindBox>  $boxes
     * @param  string  $start  directions on a cover that is lifted first (CommonMark); '' for none
     * @param  string  $mixed  one of MIXED
     * @param  string  $found  one of FOUND
     * @param  bool  $quiet  whether nothing is said of a wrong box; it counts all the same
     * @param  bool  $again  whether it may be played again once all is found
     * @param  list<Reaction>  $react  when all is found
     * @param  list<Reaction>  $otherwise  when a box is wrong
     */
    public function __construct(
        Common $common,
        public array $boxes,
        public string $start,
        public string $mixed,
        public string $found,
        public bool $quiet,
        public bool $again,
        public array $react,
        public array $otherwise,
    ) {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(
            Common::read($node),
            array_map(FindBox::read(...), array_slice($node->list('boxes'), 0, self::MOST_BOXES)),
            $node->text('start'),
            $node->known('mixed', self::MIXED, self::MIXED[0]),
            $node->known('found', self::FOUND, self::FOUND[0]),
            $node->flag('quiet'),
            $node->flag('again'),
            Reaction::listed($node, 'react'),
            Reaction::listed($node, 'otherwise'),
        );
    }

    public static function schema(): array
    {
        return [
            'boxes' => ['type' => 'array', 'maxItems' => self::MOST_BOXES, 'items' => ['$ref' => '#/$defs/findBox']],
            'start' => ['type' => 'string'],
            'mixed' => ['enum' => self::MIXED],
            'found' => ['enum' => self::FOUND],
            'quiet' => ['type' => 'boolean'],
            'again' => ['type' => 'boolean'],
            'react' => ['$ref' => '#/$defs/reactions'],
            'otherwise' => ['$ref' => '#/$defs/reactions'],
        ];
    }

    public function shown(Showing $showing): array
    {
        $state = $showing->state;
        $isBegun = $this->isBegun($state);
        $asked = $isBegun ? $this->asked($state) : null;
        $boxes = $isBegun ? $this->placed($state) : [];

        return [
            'start' => $isBegun ? '' : $showing->fill($this->start),
            'prompt' => $asked === null ? '' : $showing->fill($asked->ask),
            'boxes' => array_map(static fn (FindBox $box): array => $box->shown($showing), $boxes),
            'leaves' => $this->found === 'gone',
            'found' => count($this->foundIn($state)),
            'of' => count($this->prompts()),
            'wrong' => $state->triesOn($this->id),
            'isDone' => $state->hasFound($this->id),
            'again' => $this->again && $state->hasFound($this->id),
        ];
    }

    public function answered(): array
    {
        $asked = array_filter($this->boxes, static fn (FindBox $box): bool => $box->isAskedFor());

        return array_values(array_map(static fn (FindBox $box): array => [$box->ask, $box->md], $asked));
    }

    public function conditions(): array
    {
        return ['if' => $this->common->if];
    }

    public function reactions(): array
    {
        return [
            new ReactionList($this->id, 'react', Trigger::Act, $this->react, Fact::found($this->id)),
            new ReactionList($this->id, 'otherwise', Trigger::Act, $this->otherwise),
        ];
    }

    public function actions(): array
    {
        $picks = array_map(fn (FindBox $box): array => ['find' => $this->id, 'with' => $box->id], $this->boxes);

        return [...$picks, ['lower' => $this->id]];
    }

    public function act(Action $action, Turn $turn): void
    {
        (new FindTurn($this, $turn))->act($action);
    }

    public function liftedBy(): ?string
    {
        return null;
    }

    public function keep(Keeping $keeping): void
    {
        $acts = array_filter($this->react, static fn (Reaction $reaction): bool => $reaction->acts()) !== [];
        if ($acts || $keeping->sees(Fact::found($this->id))) {
            array_map(static fn (string $id) => $keeping->keep(Fact::found($id)), $this->ids());
        }
    }

    public function onlyAdds(): bool
    {
        return true;
    }

    public function mayTake(): bool
    {
        return $this->again;
    }

    public function isOpenEnd(): bool
    {
        return $this->prompts() === [];
    }

    public function words(): array
    {
        $asked = array_map(static fn (FindBox $box): Words => new Words($box->ask), $this->boxes);
        $boxes = array_map(static fn (FindBox $box): Words => new Words($box->md), $this->boxes);

        return [new Words($this->start), ...$asked, ...$boxes];
    }

    public function lacksFile(): bool
    {
        return false;
    }

    /** @return list<string> itself and its boxes: what a play remembers of it */
    public function ids(): array
    {
        return [$this->id, ...array_map(static fn (FindBox $box): string => $box->id, $this->boxes)];
    }

    /** @return list<FindBox> those that a prompt asks for, as they are written */
    public function prompts(): array
    {
        return array_values(array_filter($this->boxes, static fn (FindBox $box): bool => $box->isAskedFor()));
    }

    /** The play with its directions read. */
    public function begun(PlayState $state): PlayState
    {
        return $state->mark($this->id, self::BEGUN, false);
    }

    /**
     * All that is asked in this play, in its order, each with the boxes that answer it: for who knows the answers.
     *
     * @return list<array{ask: string, right: list<string>}>
     */
    public function questions(PlayState $state): array
    {
        $answering = fn (FindBox $asked): array => array_values(array_map(
            static fn (FindBox $box): string => $box->id,
            array_filter($this->boxes, static fn (FindBox $box): bool => $box->looksLike($asked)),
        ));

        return array_map(
            static fn (FindBox $box): array => ['ask' => $box->ask, 'right' => $answering($box)],
            $this->inOrder($state),
        );
    }

    public function isBegun(PlayState $state): bool
    {
        return trim($this->start) === '' || isset($state->verdicts[$this->id]) || $state->hasFound($this->id);
    }

    /** @return list<FindBox> */
    private function foundIn(PlayState $state): array
    {
        return array_values(
            array_filter($this->boxes, static fn (FindBox $box): bool => $state->hasFound($box->id)),
        );
    }

    /** The box whose prompt is asked now; null when all is found. */
    public function asked(PlayState $state): ?FindBox
    {
        return $this->inOrder($state)[count($this->foundIn($state))] ?? null;
    }

    /** @return list<FindBox> those that are asked for, in the order of their prompts */
    private function inOrder(PlayState $state): array
    {
        return $this->mixed === 'boxes' ? $this->prompts() : $this->shuffled($this->prompts(), 'ask', $state);
    }

    /** @return list<FindBox> in the order in which they stand */
    private function placed(PlayState $state): array
    {
        return $this->mixed === 'prompts' ? $this->boxes : $this->shuffled($this->boxes, 'box', $state);
    }

    /**
     * In an order that the play's seed and the board decide: the same for the same two.
     *
     * @param  list<FindBox>  $boxes
     * @return list<FindBox>
     */
    private function shuffled(array $boxes, string $what, PlayState $state): array
    {
        $drawn = array_map(
            static fn (FindBox $box): string => hash('sha256', "{$state->seed}|{$what}|{$box->id}"), $boxes,
        );
        array_multisort($drawn, $boxes);

        return $boxes;
    }
}

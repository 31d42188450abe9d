<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;
use Fravel\Document\Showing;
use Fravel\Document\Trigger;
use Fravel\State\Action;
use Fravel\State\EventKind;
use Fravel\Support\Node;

/** Something to tap that leads on: a button, a picture, or a clear area over part of the backdrop. */
final readonly class Choice extends Thing
{
    use HoldsNothing;

    public const FIELDS = ['asset' => 'asset', 'react' => 'reactions'];

    private const MARKS = ['right', 'wrong', 'neutral'];

    /**
     * @param  list<Reaction>  $react
     * @param  string|null  $mark  what choosing it is: `right`, `wrong` or `neutral`; null where nothing is asked
     */
    public function __construct(
        Common $common,
        public string $look,
        public string $md,
        public ?string $asset,
        public array $react,
        public ?string $mark,
    ) {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(
            Common::read($node),
            $node->oneOf('look', ['button', 'picture', 'clear'], 'button'),
            $node->text('md'),
            $node->maybeText('asset'),
            Reaction::listed($node, 'react'),
            $node->known('mark', self::MARKS, '') ?: null,
        );
    }

    public static function schema(): array
    {
        return [
            'look' => [
                'enum' => ['button', 'picture', 'clear', 'plate'],
                'description' => 'choice: button, picture or clear; lock on a stage: plate, picture or clear',
            ],
            'md' => ['type' => 'string'],
            'asset' => ['type' => ['string', 'null']],
            'react' => ['$ref' => '#/$defs/reactions'],
            'mark' => ['enum' => [...self::MARKS, null], 'description' => 'what choosing it is; shown when it was'],
        ];
    }

    public function shown(Showing $showing): array
    {
        return [
            'look' => $this->look,
            'md' => $showing->fill($this->md),
            'asset' => $this->asset,
            'marked' => $showing->state->verdicts[$this->id] ?? null,
            'visited' => $this->hasBeenTaken($showing),
        ];
    }

    /** Whether it leads to a scene that was visited from here: back to where one came from is not. */
    private function hasBeenTaken(Showing $showing): bool
    {
        $state = $showing->state;
        $here = array_search($state->scene, $state->visited, true);
        foreach ($here === false || ! self::isHub($showing) ? [] : $this->react as $reaction) {
            $there = array_search($reaction->go?->to, $state->visited, true);
            if ($there !== false && $there > $here) {
                return true;
            }
        }

        return false;
    }

    /** Whether there are ways to choose from: where there is one, nobody asks where they were. */
    private static function isHub(Showing $showing): bool
    {
        $things = $showing->game->scene($showing->state->scene)->things ?? [];
        $ways = array_filter($things, static fn (Thing $thing): bool => $thing instanceof self);

        return count($ways) > 1;
    }

    public function conditions(): array
    {
        return ['if' => $this->common->if];
    }

    public function reactions(): array
    {
        return [new ReactionList($this->id, 'react', Trigger::Act, $this->react)];
    }

    public function actions(): array
    {
        return [['choose' => $this->id]];
    }

    public function act(Action $action, Turn $turn): void
    {
        if ($action->verb !== 'choose') {
            $turn->refuse('thing.other');

            return;
        }
        if ($this->mark !== null) {
            $turn->note(EventKind::Marked, $this->id, $this->mark);
            $turn->become($turn->state()->mark($this->id, $this->mark, $this->mark === 'wrong'));
        }
        $turn->fire($this->react);
    }

    public function liftedBy(): ?string
    {
        return null;
    }

    public function keep(Keeping $keeping): void
    {
        // Choosing it leaves no trace of its own.
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
        return array_filter(
            $this->react,
            static fn (Reaction $reaction): bool => $reaction->say !== '' ||
                $reaction->effects !== [] ||
                $reaction->go !== null,
        ) === [];
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

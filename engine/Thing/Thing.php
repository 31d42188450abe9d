<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Condition\Condition;
use Fravel\Document\ReactionList;
use Fravel\Document\Showing;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** Whatever stands in a scene. What any part of the engine asks of it is said here, by each kind for itself. */
abstract readonly class Thing
{
    /** Field → what it holds: the kind of part it names, or one of the shapes of Walk. */
    public const FIELDS = [];

    /** Marks of a heading, a quotation, a line of a list, and of what is strong. */
    private const MARKDOWN = '~^(?:\#{1,6}|>|[-*])\h+|\*\*|`~mu';

    public string $id;

    public function __construct(public Common $common)
    {
        $this->id = $common->id;
    }

    abstract public static function read(Node $node): self;

    /** @return array<string, mixed> field → what the published JSON Schema says of it */
    abstract public static function schema(): array;

    /**
     * What a student's device may know of it now, beyond what all things show: never a rule, an accepted answer, a
     * back that is not lifted or where something leads.
     *
     * @return array<string, mixed>
     */
    abstract public function shown(Showing $showing): array;

    /** @return array<string, Condition|null> field → what it depends on, beside the conditions of its reactions */
    abstract public function conditions(): array;

    /** @return list<ReactionList> all that may come of doing something with it */
    abstract public function reactions(): array;

    /**
     * @return list<array<string, mixed>> what a student may try to do with it, as it is sent; answers to its locks
     *     aside
     */
    abstract public function actions(): array;

    /** Does it, or refuses it. */
    abstract public function act(Action $action, Turn $turn): void;

    /** @return list<Lock> that answers to it are judged by; not those of things inside it */
    abstract public function locks(): array;

    /** @return list<Thing> those inside it */
    abstract public function things(): array;

    /** @return list<Thing> those inside it that stand in the scene now, if their own conditions let them */
    abstract public function thingsIn(PlayState $state): array;

    /** The lock that lifts it. */
    abstract public function liftedBy(): ?string;

    /** Says which facts of its own a search must follow. */
    abstract public function keep(Keeping $keeping): void;

    /**
     * Whether doing something with it, its reactions aside, never takes anything from a play, but for lowering and
     * hints.
     */
    abstract public function onlyAdds(): bool;

    /** Whether doing something with it, its reactions aside, may take something from a play. */
    abstract public function mayTake(): bool;

    /** Whether it is there to lead somewhere or to do something, and does not yet. */
    abstract public function isOpenEnd(): bool;

    /** @return list<Words> that it shows */
    abstract public function words(): array;

    /** Whether it has no file and can't be without. */
    abstract public function lacksFile(): bool;

    public function isShown(PlayState $state, int $now): bool
    {
        return $this->common->if === null || $this->common->if->holds($state, $now);
    }

    /** Whether going on from the scene must wait for it. */
    public function holdsUp(PlayState $state, int $now): bool
    {
        return false;
    }

    /** Whether the action is meant for it. */
    public function isMeantBy(Action $action): bool
    {
        return $action->verb !== 'cue' && $action->on === $this->id;
    }

    /** What a teacher knows it by: its label, else the first line of its words, bare; '' where it has neither. */
    public function calls(): string
    {
        $words = array_map(static fn (Words $words): string => trim($words->md), $this->words());
        $said = (string) preg_replace(self::MARKDOWN, '', implode("\n", $words));
        $first = strtok($this->common->label !== '' ? $this->common->label : $said, "\n");

        return $first === false ? '' : mb_strimwidth($first, 0, 60, '…');
    }

    /** @return list<string>|null locks that bring it to light; null for what is seen without, none for nothing */
    public function earnedBy(): ?array
    {
        return null;
    }

    /** @return list<array{string, string}> what it shows or asks, and what that is answered by, where no lock asks */
    public function answered(): array
    {
        return [];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Check\Effort;
use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;
use Fravel\Document\Trigger;
use Fravel\Play\Playing;
use Fravel\State\Fact;

/**
 * The states of a game and what leads from one to another.
 *
 * What comes of an action is asked of Play itself, so the search knows no rules of its own. It is asked once for each
 * source and each reading of the facts it depends on; after that the change is laid over further states.
 */
final class Space
{
    /** Units of effort for asking Play what comes of something, besides one for each scene and two bytes of a state. */
    private const LEARNING = 30;

    private static int $made = 0;

    /** By which what is learned knows it: naming the space itself would keep it, and the game, for ever. */
    private readonly int $number;

    public readonly StateCodec $codec;

    public readonly Notes $notes;

    private readonly bool $goesBack;

    private readonly Dependence $dependence;

    private readonly RouteDocument $routes;

    private readonly ActionTrials $trials;

    /** @var array<string, true> scenes in which everything is as it was in the space before */
    private readonly array $same;

    /** @var array<string, list<ActionSource>> */
    private array $sources = [];

    /**
     * @param  bool  $isMonotone  leave out what can't make a state larger (lowering, hints, tries), and look at what
     *     wrong
     *                            answers set off by itself, as if any of it could happen whenever the lock may be asked
     */
    public function __construct(
        private readonly GameDocument $game,
        private readonly bool $isMonotone = false,
        private readonly Effort $effort = new Effort(),
        private ?self $before = null,
    ) {
        $this->number = ++self::$made;
        $this->routes = RouteDocument::of($game, $before?->routes, $effort);
        $effort->read(count($this->routes->scenes));
        $this->codec = new StateCodec(
            $game,
            new ObservedState($game, $this->routes),
            $isMonotone,
            $before->codec->scenes ?? [],
        );
        $effort->read(count($this->routes->scenes));
        $this->same = $before === null ? [] : $this->sameAs($before);
        $this->dependence = new Dependence($game, $this->routes, $this->codec);
        $this->goesBack = $this->codec->observed->back !== [];
        $this->notes = new Notes();
        $this->trials = new ActionTrials($game, $this->codec->observed, $isMonotone, $effort);
    }

    public function start(): string
    {
        $outcome = Playing::start($this->game, 1, 0);
        $this->notes->take($outcome);

        return $this->codec->withoutGoneWays($this->codec->pack($outcome->state, 0));
    }

    /**
     * @param  bool  $withWrongAnswers  with what wrong answers set off, where that is looked at by itself
     * @return list<array{Change, string}> what can be done, and the state after it; what changes nothing left out
     */
    public function moves(string $state, bool $withWrongAnswers = true): array
    {
        $moves = [];
        if ($this->codec->isEnded($state)) {
            return $moves;
        }
        $sources = $this->sources($this->codec->sceneOf($state));
        $this->effort->spend(count($sources));
        foreach ($sources as $source) {
            if ($source->wrongAnswer !== null && ! $withWrongAnswers) {
                continue;
            }
            foreach ($this->changes($source, $state) as $change) {
                $next = $this->after($change, $state);
                if ($next !== $state) {
                    $moves[] = [$change, $next];
                }
            }
        }

        return $moves;
    }

    /** @return list<string> the states after what can be done with one thing */
    public function statesBy(ActionSource $source, string $state): array
    {
        return array_map(fn (Change $change): string => $this->after($change, $state), $this->changes($source, $state));
    }

    private function after(Change $change, string $state): string
    {
        $next =
            $change->additions === [] ? ($state & $change->kept) | $change->set : $change->apply($state, $this->codec);

        return $this->goesBack ? $this->codec->withoutGoneWays($next) : $next;
    }

    /** @return list<Change> */
    private function changes(ActionSource $source, string $state): array
    {
        $source = $source->leadsBack && ! $source->isKnown ? $this->leadingBack($source, $state) : $source;
        $reading = $state & $source->mask;

        $lesson = $source->learned[$reading] ??= $this->learn($source, $reading);
        if ($lesson->metBy !== $this->number) {
            $lesson->metBy = $this->number;
            $this->notes->add($lesson->notes);
        }

        return $lesson->changes;
    }

    /** @return list<ActionSource> */
    public function sources(string $scene): array
    {
        return $this->sources[$scene] ??=
            isset($this->same[$scene]) && isset($this->before->sources[$scene])
                ? $this->taken($scene)
                : $this->findSources($scene);
    }

    /** Lets go of the space before: all that can be taken from it has been, or will be learned anew. */
    public function forgetBefore(): void
    {
        $this->before = null;
    }

    /** @return list<ActionSource> with all that was learned of them */
    private function taken(string $scene): array
    {
        $this->dependence->matters[$scene] = $this->before->dependence->matters[$scene] ?? [];

        return $this->before->sources[$scene] ?? [];
    }

    /**
     * Scenes that an edit left alone, with all scenes that what is done there may lead to.
     *
     * @return array<string, true>
     */
    private function sameAs(self $before): array
    {
        if (
            $this->game->language() !== $before->game->language() ||
            $this->game->start() !== $before->game->start() ||
            $this->game->chapters() != $before->game->chapters() ||
            ! $this->codec->continues($before->codec)
        ) {
            return [];
        }
        [$now, $then] = [$this->routes->scenes, $before->routes->scenes];
        $others = array_filter(
            $now + $then,
            static fn (SceneRoutes $one): bool => ($now[$one->scene->id] ?? null) !== ($then[$one->scene->id] ?? null),
        );
        // A cover that came or went may be lifted from anywhere.
        foreach (array_keys($others) as $id) {
            foreach ([...$now[$id]->things ?? [], ...$then[$id]->things ?? []] as $thing) {
                if ($thing->lifters() !== []) {
                    return [];
                }
            }
        }

        return array_fill_keys(
            array_keys(
                array_filter(
                    $now,
                    static fn (SceneRoutes $one): bool => ! isset($others[$one->scene->id]) &&
                        array_intersect_key($before->dependence->matters[$one->scene->id] ?? [], $others) === [],
                ),
            ),
            true,
        );
    }

    /** @return list<ActionSource> */
    private function findSources(string $scene): array
    {
        $routes = $this->routes->scenes[$scene] ?? null;
        $sources = [];
        foreach ($routes->things ?? [] as $thing) {
            $sources[] = $this->ready(new ActionSource($scene, $thing, [], false));
            array_push($sources, ...$this->isMonotone ? $this->wrongAnswers($scene, $thing) : []);
        }
        if ($routes !== null && ($routes->next !== [] || $routes->scene->back)) {
            $sources[] = $this->ready(new ActionSource($scene, null, $routes->next, $routes->scene->back));
        }

        return $sources;
    }

    /** @return list<ActionSource> what wrong answers set off, one by one */
    private function wrongAnswers(string $scene, ThingRoutes $thing): array
    {
        $wrong = array_filter($thing->lists, static fn (ReactionList $list): bool => $list->on === Trigger::Wrong);
        $reactions = array_merge(
            [],
            ...array_map(static fn (ReactionList $list): array => $list->reactions, array_values($wrong)),
        );
        $acting = array_values(array_filter($reactions, static fn (Reaction $reaction): bool => $reaction->acts()));

        return array_map(
            fn (Reaction $reaction): ActionSource => $this->ready(
                new ActionSource($scene, $thing, [], false, $reaction),
            ),
            $acting,
        );
    }

    /** @param  list<string>  $to  scenes that a way back leads to */
    private function ready(ActionSource $source, array $to = []): ActionSource
    {
        ['mask' => $mask, 'falls' => $falls] = $this->dependence->of($source, $to);
        $mask = $source->leadsBack ? $this->codec->marked($mask, Fact::from($source->scene)) : $mask;
        // Where a state is and how late it is always matters.
        $source->mask = "\xFF\xFF\xFF\xFF".substr($mask, StateCodec::NUMBERS);
        $source->falls = $falls;

        return $source;
    }

    /** The source as it is where the scene was last entered from the same place. */
    private function leadingBack(ActionSource $source, string $state): ActionSource
    {
        $to = $this->codec->entered($state, $source->scene) ?? $source->scene;

        return $source->leadingTo[$to] ??= $this->ready($source->known(), [$to]);
    }

    private function learn(ActionSource $source, string $reading): Lesson
    {
        $notes = new Notes();
        $this->effort->spend(self::LEARNING + count($this->codec->scenes) + intdiv($this->codec->length, 2));
        $time = StateCodec::number($reading, 2);
        $now = $this->codec->times[$time];
        $outcomes = $this->trials->of($source, $this->codec->unpack($reading), $now, $notes);
        $full = $source->falls ? $this->codec->filled($reading, $source->mask) : $reading;
        $others = $source->falls ? $this->trials->of($source, $this->codec->unpack($full), $now, new Notes()) : [];
        $changes = [];
        foreach ($outcomes as $place => [$action, $outcome]) {
            $after = $this->codec->pack($outcome->state, $time);
            $fullAfter = $source->falls ? $this->codec->pack($others[$place][1]->state, $time) : null;
            $changes[] = Change::learned($action, $this->codec, $source->mask, [$reading, $after], [$full, $fullAfter]);
        }

        return new Lesson($changes, $notes);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Check\Effort;
use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\Tally;
use Fravel\Play\Playing;
use Fravel\State\Verdict;
use Fravel\Thing\Rule;

/**
 * The states of a game and what leads from one to another.
 *
 * What comes of an action is asked of Play itself, so the search knows no rules of its own. It is asked once for each mover
 * and each reading of the facts it depends on; after that the change is laid over further states.
 */
final class Space
{
    /** Units of effort for asking Play what comes of something. */
    private const LEARNING = 30;

    public readonly StateCodec $facts;

    public readonly Notes $notes;

    private readonly bool $goesBack;

    private readonly Dependence $dependence;

    private readonly RouteDocument $skeleton;

    private readonly ActionTrials $deeds;

    /** @var array<string, list<ActionSource>> */
    private array $movers = [];

    /**
     * @param  bool  $isMonotone  leave out what can't make a state larger (lowering, hints, tries), and look at what wrong
     *                            answers set off by itself, as if any of it could happen whenever the lock may be asked
     */
    public function __construct(private readonly GameDocument $game, private readonly bool $isMonotone = false, private readonly Effort $effort = new Effort)
    {
        $this->skeleton = RouteDocument::of($game);
        $this->facts = new StateCodec($game, $this->skeleton, $isMonotone, new ObservedState($this->skeleton, array_map(static fn (Tally $tally): int|float => $tally->start, $game->tallies())));
        $this->dependence = new Dependence($game, $this->skeleton, $this->facts);
        $this->goesBack = $this->facts->asked->back !== [];
        $this->notes = new Notes;
        $this->deeds = new ActionTrials($game, $this->notes, $this->facts->asked->tries, $isMonotone, $effort);
    }

    public function start(): string
    {
        $outcome = Playing::start($this->game, 1, 0);
        $this->notes->take($outcome);

        return $this->facts->withoutGoneWays($this->facts->pack($outcome->state, 0));
    }

    /**
     * @param  bool  $withMishaps  with what wrong answers set off, where that is looked at by itself
     * @return list<array{Change, string}> what can be done, and the state after it; what changes nothing left out
     */
    public function moves(string $state, bool $withMishaps = true): array
    {
        $moves = [];
        if ($this->facts->isEnded($state)) {
            return $moves;
        }
        foreach ($this->movers($this->facts->sceneOf($state)) as $mover) {
            $this->effort->spend();
            if ($mover->mishap !== null && ! $withMishaps) {
                continue;
            }
            foreach ($this->changes($mover, $state) as $change) {
                $next = $this->after($change, $state);
                if ($next !== $state) {
                    $moves[] = [$change, $next];
                }
            }
        }

        return $moves;
    }

    /** @return list<string> the states after what can be done with one thing */
    public function statesBy(ActionSource $mover, string $state): array
    {
        return array_map(fn (Change $change): string => $this->after($change, $state), $this->changes($mover, $state));
    }

    private function after(Change $change, string $state): string
    {
        $next = $change->additions === [] ? $state & $change->kept | $change->set : $change->apply($state, $this->facts);

        return $this->goesBack ? $this->facts->withoutGoneWays($next) : $next;
    }

    /** @return list<Change> */
    private function changes(ActionSource $mover, string $state): array
    {
        $mover = $mover->leadsBack ? $this->leadingBack($mover, $state) : $mover;
        $reading = $state & $mover->mask;

        return $mover->learned[$reading] ??= $this->learn($mover, $reading);
    }

    /** @return list<ActionSource> */
    public function movers(string $scene): array
    {
        return $this->movers[$scene] ??= $this->findMovers($scene);
    }

    /** @return list<ActionSource> */
    private function findMovers(string $scene): array
    {
        $parts = $this->skeleton->scenes[$scene] ?? [];
        $movers = [];
        foreach ($parts['things'] ?? [] as $thing) {
            $movers[] = $this->mover($scene, $thing['id'], [$thing]);
            array_push($movers, ...($this->isMonotone && $thing['kind'] === 'lock' ? $this->mishaps($scene, $thing) : []));
        }
        if (isset($parts['next']) || isset($parts['back'])) {
            $movers[] = $this->mover($scene, null, [$parts['next'] ?? null, isset($parts['back']) ? ['go' => '@back'] : null]);
        }

        return $movers;
    }

    /**
     * @param  array<array-key, mixed>  $thing  a lock, as the skeleton has it
     * @return list<ActionSource>
     */
    private function mishaps(string $scene, array $thing): array
    {
        $lock = $this->game->lock($thing['id']);
        $wrong = array_filter($lock->rules ?? [], static fn (Rule $rule): bool => $rule->verdict !== Verdict::Open);
        $reactions = [...array_map(static fn (Rule $rule): Reaction => $rule->reaction, $wrong), ...($lock->otherwise ?? [])];
        $acting = array_filter($reactions, static fn (Reaction $reaction): bool => $reaction->effects !== [] || $reaction->go !== null);

        return array_values(array_map(fn (Reaction $reaction): ActionSource => $this->mover($scene, $thing['id'], [$thing], [], $reaction), $acting));
    }

    /**
     * @param  list<mixed>  $parts
     * @param  list<string>  $to
     */
    private function mover(string $scene, ?string $thing, array $parts, array $to = [], ?Reaction $mishap = null): ActionSource
    {
        ['mask' => $mask, 'falls' => $falls] = $this->dependence->of($parts, $to);
        $leadsBack = RouteDocument::leadsBack($parts);
        $mask = $leadsBack ? $this->facts->marked($mask, "from:{$scene}") : $mask;

        // Where a state is and how late it is always matters.
        return new ActionSource($scene, $thing, $parts, "\xFF\xFF\xFF\xFF".substr($mask, StateCodec::NUMBERS), $falls, $leadsBack && $to === [], $mishap);
    }

    /** The mover as it is where the scene was last entered from the same place. */
    private function leadingBack(ActionSource $mover, string $state): ActionSource
    {
        $to = $this->facts->entered($state, $mover->scene) ?? $mover->scene;

        return $mover->leadingTo[$to] ??= $this->mover($mover->scene, $mover->thing, $mover->parts, [$to]);
    }

    /** @return list<Change> */
    private function learn(ActionSource $mover, string $reading): array
    {
        $this->effort->spend(self::LEARNING);
        $time = StateCodec::number($reading, 2);
        $now = $this->facts->times[$time];
        $outcomes = $this->deeds->of($mover, $this->facts->unpack($reading), $now, true);
        $full = $mover->falls ? $this->facts->filled($reading, $mover->mask) : $reading;
        $others = $mover->falls ? $this->deeds->of($mover, $this->facts->unpack($full), $now, false) : [];
        $changes = [];
        foreach ($outcomes as $place => [$action, $outcome]) {
            $after = $this->facts->pack($outcome->state, $time);
            $fullAfter = $mover->falls ? $this->facts->pack($others[$place][1]->state, $time) : null;
            $changes[] = Change::learned($action, $this->facts, $mover->mask, [$reading, $after], [$full, $fullAfter]);
        }

        return $changes;
    }
}

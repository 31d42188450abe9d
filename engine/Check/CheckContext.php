<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Check\Search\Reach;
use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\Reference;
use Fravel\Document\References;
use Fravel\Document\Scene;
use Fravel\Document\Ways;
use Fravel\Edit\DocumentPath;
use Fravel\Thing\Lock;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/** A game with what the search found, for those who look for one kind of finding each. */
final class CheckContext
{
    /** @var list<Reference> */
    public readonly array $references;

    public readonly Mends $mends;

    /** @var list<array{scene: Scene, lock: Lock}>|null */
    private ?array $locks = null;

    /** @var array<string, true>|null */
    private ?array $routed = null;

    /** @var array<string, list<Reference>>|null part → where it is named */
    private ?array $named = null;

    /** @var array<string, true>|null */
    private ?array $openedByEffect = null;

    private ?ConstantFolding $folding = null;

    private ?Detours $detours = null;

    /** @var array<string, array<array-key, mixed>>|null part → codes that are meant so */
    private ?array $meant = null;

    /** @var array<string, string>|null */
    private ?array $answerParts = null;

    /** @var array<string, string|null>|null */
    private ?array $sceneBefore = null;

    /**
     * @param  list<string>|null  $files  names of the files that belong to the game; null where that is not known
     * @param  list<string>  $samples  words that are only there to be replaced
     * @param  int  $budget  states at most that one search looks at
     * @param  Effort  $effort  what who looks now may spend
     *
     * @throws EffortSpent
     */
    public function __construct(
        public readonly GameDocument $game,
        public readonly Reach $reach,
        public readonly ?array $files = null,
        public readonly array $samples = [],
        public readonly ?CheckMemo $memo = null,
        private readonly ?SceneKeys $keys = null,
        private readonly int $budget = Check::BUDGET,
        public Effort $effort = new Effort(),
    ) {
        $game->scenes($effort->read(...));
        $this->references = References::in($game->document, $effort->read(...));
        $this->mends = new Mends($game);
    }

    /** By which the scene is known from one check to the next, with the language its answers are read in. */
    public function keyOf(Scene $scene): string
    {
        return $this->keys?->of($scene->id) ?? '';
    }

    public function with(Effort $effort): self
    {
        $this->effort = $effort;

        return $this;
    }

    /** States that a closer look may take, which wants so many: no more than whoever checks allows one search. */
    public function statesOf(int $wanted): int
    {
        return min($wanted, $this->budget);
    }

    /** @return list<array{scene: Scene, lock: Lock}> */
    public function locks(): array
    {
        if ($this->locks !== null) {
            return $this->locks;
        }
        $this->locks = [];
        foreach ($this->game->scenes() as $scene) {
            foreach (Things::locks($scene->things) as $lock) {
                $this->locks[] = ['scene' => $scene, 'lock' => $lock];
            }
        }

        return $this->locks;
    }

    public function folding(): ConstantFolding
    {
        return $this->folding ??= new ConstantFolding($this->game, $this->effort);
    }

    /** @throws EffortSpent */
    public function detours(): Detours
    {
        return $this->detours ??= new Detours($this->game, $this->effort);
    }

    /** Whether the game only uncovers: it asks nothing, and is over when everything was looked at. */
    public function isReveal(): bool
    {
        $scenes = $this->game->scenes();

        return $this->locks() === [] &&
            array_filter($scenes, static fn (Scene $scene): bool => $scene->ending !== null) === [] &&
            array_filter($scenes, self::uncovers(...)) !== [];
    }

    /** Whether something in the scene is lifted by hand. */
    public static function uncovers(Scene $scene): bool
    {
        foreach (Things::flattened($scene->things) as $thing) {
            if (array_column($thing->actions(), 'lift') !== []) {
                return true;
            }
        }

        return false;
    }

    /** Whether something in the game names the part. */
    public function isNamed(string $id): bool
    {
        return $this->referencesTo($id) !== [];
    }

    /** @return list<Reference> in the order of the document */
    public function referencesTo(string $id): array
    {
        if ($this->named === null) {
            $this->named = [];
            foreach ($this->references as $reference) {
                $this->named[$reference->id][] = $reference;
            }
        }

        return $this->named[$id] ?? [];
    }

    /** Whether something wants the lock open; how the tries at it went may be asked of any question. */
    public function isWanted(string $lock): bool
    {
        return array_filter(
            $this->referencesTo($lock),
            static fn (Reference $reference): bool => match ($reference->field()) {
                'firstTry', 'tries', 'close' => false,
                'open' => ! in_array('do', $reference->path, true),
                default => true,
            },
        ) !== [];
    }

    /** Whether an effect somewhere opens the lock. */
    public function isOpenedByEffect(string $lock): bool
    {
        if ($this->openedByEffect === null) {
            $opening = array_filter(
                $this->references,
                static fn (Reference $reference): bool => $reference->kind === 'lock' &&
                    $reference->field() === 'open' &&
                    in_array('do', $reference->path, true),
            );
            $this->openedByEffect = array_fill_keys(
                array_map(static fn (Reference $reference): string => $reference->id, $opening),
                true,
            );
        }

        return isset($this->openedByEffect[$lock]);
    }

    /** @return array<array-key, mixed> codes of what the teacher means so of a thing or a scene; none for others */
    public function meantOf(string $part): array
    {
        if ($this->meant === null) {
            $this->meant = [];
            foreach (DocumentPath::entries($this->game->document, 'scenes') as $scene) {
                foreach ([$scene, ...Things::rawFlattened($scene['things'] ?? [])] as $one) {
                    if (is_array($one['meant'] ?? null) && is_string($one['id'] ?? null)) {
                        $this->meant[$one['id']] = $one['meant'];
                    }
                }
            }
        }

        return $this->meant[$part] ?? [];
    }

    /** Whether an effect opens the lock that is none of its own. */
    public function isOpenedElsewhere(string $lock): bool
    {
        foreach ($this->isOpenedByEffect($lock) ? $this->referencesTo($lock) : [] as $reference) {
            $owner = DocumentPath::get($this->game->document, [...array_slice($reference->path, 0, 4), 'id']);
            $opens = $reference->field() === 'open' && in_array('do', $reference->path, true);
            if ($opens && $owner !== $lock) {
                return true;
            }
        }

        return false;
    }

    /** Which things of a scene something names, as a key. */
    public function namedIn(Scene $scene): string
    {
        return implode(
            ',',
            array_filter(
                array_map(
                    fn (Thing $thing): string => $this->isNamed($thing->id) ? $thing->id : '',
                    Things::flattened($scene->things),
                ),
            ),
        );
    }

    /** What the search came to for a scene and the locks in it, as a key. */
    public function reachedIn(Scene $scene): string
    {
        $locks = array_map(
            fn (Lock $lock): string => $lock->id.
                (isset($this->reach->ready[$lock->id]) ? '+' : '').
                (isset($this->reach->unsure[$lock->id]) ? '?' : '').
                ($this->isOpenedByEffect($lock->id) ? '!' : ''),
            Things::locks($scene->things),
        );

        return ($this->reach->isComplete ? '' : '~').
            (isset($this->reach->scenes[$scene->id]) ? '+' : '').
            implode(',', $locks);
    }

    /**
     * Whether it is certain that nobody gets to the scene: by the search, or where that gave up because no route leads
     * there at all.
     */
    public function isOutOfReach(Scene $scene): bool
    {
        if ($this->reach->isComplete) {
            return ! isset($this->reach->scenes[$scene->id]);
        }

        return ! isset($this->routed()[$scene->id]);
    }

    /**
     * The nearest scene before this one in the document that students get to and stay in; else the start, if they stay
     * there.
     */
    public function sceneBefore(Scene $scene): ?string
    {
        $this->sceneBefore ??= $this->scenesBefore();
        $start = $this->game->scene($this->game->start());

        return $this->sceneBefore[$scene->id]
            ?? ($start !== null && $start !== $scene && $this->isStayedIn($start) ? $start->id : null);
    }

    /** @return array<string, string|null> scene → the nearest before it that students get to and stay in */
    private function scenesBefore(): array
    {
        [$before, $nearest] = [[], null];
        foreach ($this->game->scenes() as $scene) {
            $this->effort->spend();
            $before[$scene->id] = $nearest;
            $nearest = $this->isStayedIn($scene) ? $scene->id : $nearest;
        }

        return $before;
    }

    private function isStayedIn(Scene $scene): bool
    {
        $leadsOn = array_filter(
            $scene->arrive, static fn (Reaction $reaction): bool => $reaction->go !== null,
        );

        return $scene->ending === null && $leadsOn === [] && ! $this->isOutOfReach($scene);
    }

    /** The last scene in the document that students get to and that is no stop of a film; else the last there is. */
    public function lastScene(): ?Scene
    {
        $scenes = array_filter($this->game->scenes(), static fn (Scene $scene): bool => $scene->stop === null);
        $reached = array_filter($scenes, fn (Scene $scene): bool => ! $this->isOutOfReach($scene));

        return [...array_reverse($reached), ...array_reverse($scenes)][0] ?? null;
    }

    /** @return array<string, true> scenes that routes lead to from the start, whatever their conditions */
    private function routed(): array
    {
        if ($this->routed !== null) {
            return $this->routed;
        }
        $routes = [];
        foreach (Ways::in($this->game, $this->effort->read(...)) as [$from, $to]) {
            $routes[$from][] = $to;
        }
        $this->routed = [];
        for ($queue = [$this->game->start()]; $queue !== [];) {
            $scene = array_pop($queue);
            if (! isset($this->routed[$scene])) {
                $this->routed[$scene] = true;
                array_push($queue, ...$routes[$scene] ?? []);
            }
        }

        return $this->routed;
    }

    /** What a teacher knows a scene by: its title, else the first words in it, else its place in the game. */
    public function titleOf(string $scene): string
    {
        $found = $this->game->scene($scene);
        if ($found !== null && $found->title !== '') {
            return $found->title;
        }
        $words = array_filter(array_map(static fn (Thing $thing): string => $thing->calls(), $found->things ?? []));

        return $words === []
            ? (string) ((int) array_search($scene, $this->game->sceneIds(), true) + 1)
            : (string) reset($words);
    }

    public function nameOf(Lock $lock): string
    {
        return $lock->calls() !== '' ? $lock->calls() : Things::kindOf($lock);
    }

    /**
     * What a teacher knows a part by: its label, its words, its title, its name, else what kind of part it is; never
     * its id.
     */
    public function calls(string $id): string
    {
        foreach (Things::flattened($this->game->scene($this->game->sceneOf($id) ?? '')->things ?? []) as $thing) {
            if ($thing->id === $id) {
                return $thing->calls() !== '' ? $thing->calls() : Things::kindOf($thing);
            }
        }
        $part =
            $this->game->tokens()[$id]->name ??
            ($this->game->tallies()[$id]->name ?? ($this->game->chapters()[$id]->title ?? null));

        return $part ?? ($this->answerParts()[$id] ?? ($this->game->scene($id) === null ? '' : $this->titleOf($id)));
    }

    /** @return array<string, string> id → words of all that answers are made of */
    private function answerParts(): array
    {
        return $this->answerParts ??= array_merge(
            [],
            ...array_map(static fn (array $place): array => $place['lock']->input->parts(), $this->locks()),
        );
    }

    /** Where in the game a part is named first: the title of a scene, else of the game. */
    public function usedIn(string $id): string
    {
        foreach ($this->referencesTo($id) as $reference) {
            if ($reference->scene !== null) {
                return $this->titleOf($reference->scene);
            }
        }

        return $this->game->title();
    }

    /** @return array{lock: string, scene: string} words that say which lock, and where */
    public function placeOf(Lock $lock, Scene $scene): array
    {
        return ['lock' => $this->nameOf($lock), 'scene' => $this->titleOf($scene->id)];
    }
}

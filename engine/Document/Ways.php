<?php

declare(strict_types=1);

namespace Fravel\Document;

use Closure;

/**
 * From which scene a way leads to which, whatever its conditions: those back to the start of the game or of a chapter
 * are followed to the scene they mean; going back and staying are none. A film leads to its stops, and they back to it.
 */
final class Ways implements Visitor
{
    /** @var array<string, array{string, string}> */
    private array $found = [];

    /** @var array<string, array{string, string, string}> */
    private array $byLocks = [];

    private string $scene = '';

    /** The lock that was come to last, with where it stands. */
    private string $lock = '';

    /** @var list<string|int> */
    private array $place = [];

    /** @param  (Closure(int): void)|null  $asked */
    private function __construct(private readonly GameDocument $game, private readonly ?Closure $asked)
    {
    }

    /**
     * @param  (Closure(int): void)|null  $asked  before each scene, with how many things stand in it, and
     *     at each name with 0; may throw
     * @return list<array{string, string}> each pair of scenes once, in the order of the document
     */
    public static function in(GameDocument $game, ?Closure $asked = null): array
    {
        return array_values(self::walked($game, $asked)->found);
    }

    /**
     * The same, told apart by what leads there.
     *
     * @param  (Closure(int): void)|null  $asked  as above
     * @return list<array{string, string, string}> from, to, and the lock that leads there; '' for anything else
     */
    public static function byLocks(GameDocument $game, ?Closure $asked = null): array
    {
        return array_values(self::walked($game, $asked)->byLocks);
    }

    /** @param  (Closure(int): void)|null  $asked */
    private static function walked(GameDocument $game, ?Closure $asked): self
    {
        $ways = new self($game, $asked);
        Walk::through($game->document, $ways);
        foreach ($game->films()->ways() as [$home, $stop]) {
            $ways->add($home, $stop, '');
            $ways->add($stop, $home, '');
        }

        return $ways;
    }

    public function part(string $shape, array $part, array $path): void
    {
        if ($shape === 'scenes') {
            $this->scene = is_string($part['id'] ?? null) ? $part['id'] : '';
            [$this->lock, $this->place] = ['', []];
            $this->ask(is_array($part['things'] ?? null) ? count($part['things']) : 0);
        }
        if ($shape === 'things' && ($part['kind'] ?? '') === 'lock' && is_string($part['id'] ?? null)) {
            [$this->lock, $this->place] = [$part['id'], $path];
        }
    }

    public function name(string $kind, string $id, array $path): void
    {
        $this->ask(0);
        $to = $kind === Walk::ROUTE ? $this->target($id) : null;
        if ($to !== null) {
            $isLocks = $this->lock !== '' && array_slice($path, 0, count($this->place)) === $this->place;
            $this->add($this->scene, $to, $isLocks ? $this->lock : '');
        }
    }

    private function add(string $from, string $to, string $lock): void
    {
        $this->found["{$from} {$to}"] ??= [$from, $to];
        $this->byLocks["{$from} {$to} {$lock}"] ??= [$from, $to, $lock];
    }

    private function target(string $route): ?string
    {
        return match ($route) {
            Route::STAY, Route::BACK, Route::ON => null,
            Route::START => $this->game->start(),
            Route::CHAPTER => $this->game->firstSceneOf($this->game->chapterOf($this->scene) ?? ''),
            default => $this->game->destination($route) ?? $route,
        };
    }

    private function ask(int $things): void
    {
        $this->asked === null ?: ($this->asked)($things);
    }
}

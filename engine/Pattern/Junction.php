<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Document\GameDocument;
use Fravel\Document\Route;
use Fravel\Document\Visitor;
use Fravel\Document\Walk;
use Fravel\Edit\DocumentPath;
use Fravel\Edit\SetField;

/**
 * A way on from a scene, which something can be built into: what a choice, a right answer, a moment of a clip or going
 * on leads to, with its conditions and all else it does. Ways by which one part leads to the same scene are one.
 */
final readonly class Junction
{
    /** Fields whose reactions lead nobody on: they are for those who are wrong, or are not let in. */
    private const ASIDE = ['otherwise', 'refused', 'hints'];

    /** Places that depend on where a student is, and nowhere further on. */
    private const BEHIND = [Route::STAY, Route::BACK, Route::START, Route::CHAPTER];

    /**
     * @param  string  $part  whose way it is: a thing, or the scene
     * @param  string  $leads  where it leads now; '' for nowhere yet
     * @param  list<SetField>  $fields  of the part, as they are once it leads to `PatternBuilder::ONWARD`
     */
    private function __construct(
        public string $scene,
        public ?string $chapter,
        public string $part,
        public string $leads,
        private array $fields,
    ) {
    }

    /** By which it is chosen among the others. */
    public function key(): string
    {
        return "{$this->part}>{$this->leads}";
    }

    /**
     * The one that is chosen, else the first that leads nowhere yet, else the first; null when there is no such scene.
     */
    public static function onFrom(GameDocument $game, string $scene, ?string $chosen = null): ?self
    {
        $all = self::all($game, $scene);
        $fitting = array_filter($all, static fn (self $one): bool => $one->key() === $chosen);
        $open = array_filter($all, static fn (self $one): bool => $one->leads === '');

        return [...array_values($fitting), ...array_values($open), ...$all][0] ?? null;
    }

    /**
     * @return list<self> in the order of the scene; a new one where nothing leads on, and one that nothing can be built
     *     into for an ending
     */
    public static function all(GameDocument $game, string $id): array
    {
        $path = DocumentPath::path($game->document, $id);
        $scene =
            $path === null || $path[0] !== 'scenes' || count($path) !== 2
                ? null
                : DocumentPath::get($game->document, $path);
        if (! is_array($scene)) {
            return [];
        }
        $chapter = is_string($scene['chapter'] ?? null) ? $scene['chapter'] : null;
        if (is_array($scene['ending'] ?? null)) {
            return [new self($id, $chapter, $id, '', [])];
        }
        $found = [];
        foreach ([...DocumentPath::entries($scene, 'things'), ['things' => []] + $scene] as $part) {
            $shape = ($part['id'] ?? null) === $id ? 'scenes' : 'things';
            foreach (self::ways($shape, $part, $id) as $leads => $paths) {
                $found[] = new self(
                    $id,
                    $chapter,
                    is_string($part['id'] ?? null) ? $part['id'] : '',
                    (string) $leads,
                    self::led($part, $paths),
                );
            }
        }

        return $found === []
            ? [new self($id, $chapter, $id, '', [new SetField($id, 'next', [['go' => PatternBuilder::ONWARD]])])]
            : $found;
    }

    /** @return list<SetField> what makes it lead there instead */
    public function to(string $entry): array
    {
        return array_map(static function (SetField $field) use ($entry): SetField {
            $to = $field->to;
            is_array($to) &&
                array_walk_recursive($to, static function (mixed &$value, string|int $key) use ($entry): void {
                    $value = $key === 'go' && $value === PatternBuilder::ONWARD ? $entry : $value;
                });

            return new SetField($field->part, $field->field, $to);
        }, $this->fields);
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @return array<string, list<list<string|int>>> where they lead → the paths of those routes in the part
     */
    private static function ways(string $shape, array $part, string $scene): array
    {
        $routes = new class implements Visitor
        {
            /** @var array<string, list<list<string|int>>> */
            public array $paths = [];

            public function part(string $shape, array $part, array $path): void
            {
                // An end that is left open is one all the same, and so is a choice that does nothing at all.
                if (in_array($shape, ['reactions', 'rules'], true) && ($part['go'] ?? null) === '') {
                    $this->paths[''][] = [...$path, 'go'];
                }
                if (
                    $shape === 'things' &&
                    ($part['kind'] ?? '') === 'choice' &&
                    in_array($part['react'] ?? [], [[], [[]]], true)
                ) {
                    $this->paths[''][] = ['react', 0, 'go'];
                }
            }

            public function name(string $kind, string $id, array $path): void
            {
                $kind !== Walk::ROUTE ?: ($this->paths[$id][] = $path);
            }
        };
        Walk::in($shape, $part, $routes);
        $ways = [];
        foreach (array_diff_key($routes->paths, array_flip([...self::BEHIND, $scene])) as $leads => $paths) {
            $on = array_values(
                array_filter(
                    $paths,
                    static fn (array $path): bool => ! in_array($path[0], self::ASIDE, true) &&
                        self::isOpening($part, $path),
                ),
            );
            $ways += $on === [] ? [] : [(string) $leads => $on];
        }

        return $ways;
    }

    /**
     * Whether it is no rule for a wrong answer.
     *
     * @param  array<array-key, mixed>  $part
     * @param  list<string|int>  $path
     */
    private static function isOpening(array $part, array $path): bool
    {
        return $path[0] !== 'rules' ||
            (DocumentPath::get($part, [$path[0], $path[1], 'verdict']) ?? 'wrong') === 'open';
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  list<list<string|int>>  $paths
     * @return list<SetField>
     */
    private static function led(array $part, array $paths): array
    {
        $changed = $part;
        foreach ($paths as $path) {
            $changed = DocumentPath::put($changed, $path, PatternBuilder::ONWARD);
        }
        $fields = array_values(array_unique(array_column($paths, 0)));
        $id = is_string($part['id'] ?? null) ? $part['id'] : '';

        return array_map(static function (string|int $field) use ($changed, $id): SetField {
            $value = $changed[$field] ?? [];

            return new SetField($id, (string) $field, is_array($value) && ! array_is_list($value) ? [$value] : $value);
        }, $fields);
    }
}

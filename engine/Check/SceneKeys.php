<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Document\CodeMarks;
use Fravel\Document\GameDocument;
use Fravel\Document\Walk;
use Fravel\Edit\DocumentPath;
use Fravel\Film\Films;

/** Digests of the scenes of a game: of all that is in them, and of what ways depend on. */
final class SceneKeys
{
    /** @var array<string, string> */
    private array $keys = [];

    /** @var array<string, array<array-key, mixed>> scenes as they are written */
    private readonly array $scenes;

    public function __construct(private readonly GameDocument $game, private readonly CheckMemo $memo)
    {
        $this->scenes = array_column(DocumentPath::entries($game->document, 'scenes'), null, 'id');
    }

    public function of(string $scene): string
    {
        if (isset($this->keys[$scene])) {
            return $this->keys[$scene];
        }
        $written = $this->scenes[$scene] ?? [];
        $written = CodeMarks::areIn($written) || Films::concern($written) ? $this->game->whole($scene) : $written;
        // One without a title may be called by its place.
        $place = ($written['title'] ?? '') === '' ? array_search($scene, array_keys($this->scenes), true) : 0;

        return $this->keys[$scene] = self::digest([$written, $place, $this->game->language()]);
    }

    /**
     * Of the whole game, without its words and looks: what can be reached in two games of the same digest is the same.
     */
    public function ofRoutes(): string
    {
        $routes = [];
        foreach ($this->scenes as $id => $scene) {
            $key = "routes {$this->of((string) $id)}";
            $routes[] = $this->memo->of(
                $key,
                fn (): string => self::digest(Walk::withoutLooks('scenes', $this->game->whole((string) $id))),
            );
        }
        $names = fn (string $list): array => array_map(
            static fn (array $part): array => array_intersect_key($part, ['id' => 0, 'start' => 0]),
            DocumentPath::entries($this->game->document, $list),
        );

        return self::digest([
            $routes,
            $this->game->start(),
            $this->game->language(),
            $names('chapters'),
            $names('tokens'),
            $names('tallies'),
        ]);
    }

    private static function digest(mixed $of): string
    {
        return hash('xxh128', serialize($of));
    }
}

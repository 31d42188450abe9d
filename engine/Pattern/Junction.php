<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Document\GameDocument;
use Fravel\Edit\DocumentPath;
use Fravel\Edit\SetField;

/**
 * The plain way on from a scene, which something can be built into: its going on, else an open end of one of its choices.
 *
 * @internal
 */
final readonly class Junction
{
    /**
     * @param  string  $leads  where the way leads now; '' for nowhere
     * @param  array<array-key, mixed>  $reaction  that leads there
     */
    private function __construct(public string $scene, public ?string $chapter, public string $leads, private string $part, private string $field, private array $reaction)
    {
    }

    public static function onFrom(GameDocument $game, string $id): ?self
    {
        $path = DocumentPath::path($game->document, $id);
        $scene = $path === null || $path[0] !== 'scenes' || count($path) !== 2 ? null : DocumentPath::get($game->document, $path);
        if (! is_array($scene)) {
            return null;
        }
        $chapter = is_string($scene['chapter'] ?? null) ? $scene['chapter'] : null;
        $next = self::plain($scene['next'] ?? []);
        foreach (DocumentPath::entries($scene, 'things') as $thing) {
            $react = self::plain($thing['react'] ?? null);
            if ($next === [] && $react !== null && $react !== [] && ($react['go'] ?? '') === '' && is_string($thing['id'] ?? null)) {
                return new self($id, $chapter, '', $thing['id'], 'react', $react);
            }
        }
        if ($next === null || is_array($scene['ending'] ?? null)) {
            return new self($id, $chapter, '', '', '', []);
        }

        return new self($id, $chapter, is_string($next['go'] ?? null) ? $next['go'] : '', $id, 'next', $next);
    }

    /** @return list<SetField> what makes it lead there instead; nothing where the scene has no plain way on */
    public function to(string $entry): array
    {
        return $this->part === '' ? [] : [new SetField($this->part, $this->field, [['go' => $entry] + $this->reaction])];
    }

    /**
     * The one reaction that stands there without a condition; none for an empty list, null when it is not as plain as that.
     *
     * @return array<array-key, mixed>|null
     */
    private static function plain(mixed $reactions): ?array
    {
        $list = is_array($reactions) && ! array_is_list($reactions) ? [$reactions] : $reactions;
        if ($list === null || $list === []) {
            return [];
        }

        return is_array($list) && count($list) === 1 && is_array($list[0]) && ! isset($list[0]['if']) ? $list[0] : null;
    }
}

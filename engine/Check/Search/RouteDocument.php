<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Document\GameDocument;

/**
 * The document without all that no way depends on: words, pictures, hints that do nothing, and reactions that only speak.
 * What it no longer names can't tell two states apart.
 *
 * @phpstan-type Raw array<array-key, mixed>
 */
final readonly class RouteDocument
{
    /** Kinds of things a student can do something with. */
    private const ACTIVE = ['choice', 'lock', 'cover', 'clip'];

    /** @param  array<string, Raw>  $scenes  scene → what is left of it */
    private function __construct(public array $scenes)
    {
    }

    public static function of(GameDocument $game): self
    {
        $scenes = [];
        foreach (self::entries($game->document['scenes'] ?? null) as $scene) {
            $scenes[is_string($scene['id'] ?? null) ? $scene['id'] : ''] ??= self::scene($scene);
        }

        return new self($scenes);
    }

    /**
     * Every text in a part, with the key it stands under.
     *
     * @param  callable(string $text, string|int $key, bool $inEffect): void  $visit
     */
    public static function walk(mixed $part, callable $visit, string|int $under = '', bool $inEffect = false): void
    {
        if (is_string($part)) {
            $visit($part, $under, $inEffect);
        }
        foreach (is_array($part) ? $part : [] as $key => $inner) {
            self::walk($inner, $visit, is_int($key) ? $under : $key, $inEffect || $key === 'do');
        }
    }

    /** Whether a route in the part leads back to where one came from. */
    public static function leadsBack(mixed $part): bool
    {
        return str_contains(serialize($part), '"@back"');
    }

    /**
     * A list of reactions, of which one may stand for itself.
     *
     * @return list<Raw>
     */
    public static function entries(mixed $list): array
    {
        if (! is_array($list)) {
            return [];
        }

        return array_is_list($list) ? array_values(array_filter($list, is_array(...))) : [$list];
    }

    /** Whether one of the reactions does something or leads elsewhere. */
    public static function acts(mixed $reactions): bool
    {
        foreach (self::entries($reactions) as $reaction) {
            if (($reaction['do'] ?? []) !== [] || ! in_array($reaction['go'] ?? null, [null, '', '@stay'], true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  Raw  $scene
     * @return Raw
     */
    private static function scene(array $scene): array
    {
        return array_filter([
            'chapter' => $scene['chapter'] ?? null,
            'needs' => $scene['needs'] ?? null,
            'refused' => self::reactions($scene['refused'] ?? null),
            'arrive' => self::reactions($scene['arrive'] ?? null),
            'next' => self::reactions($scene['next'] ?? null),
            'back' => ($scene['back'] ?? false) === true,
            'things' => self::things($scene['things'] ?? null),
        ]);
    }

    /** @return list<Raw> */
    private static function things(mixed $things): array
    {
        $active = array_filter(self::entries($things), static fn (array $thing): bool => in_array($thing['kind'] ?? null, self::ACTIVE, true));

        return array_values(array_map(self::thing(...), $active));
    }

    /**
     * @param  Raw  $thing
     * @return Raw
     */
    private static function thing(array $thing): array
    {
        return array_filter([
            'id' => $thing['id'] ?? '',
            'kind' => $thing['kind'],
            'if' => $thing['if'] ?? null,
            'needs' => $thing['needs'] ?? null,
            'lock' => ($thing['opens'] ?? null) === 'lock' ? $thing['lock'] ?? null : null,
            'react' => self::reactions($thing['react'] ?? null),
            'rules' => array_map(static fn (array $rule): array => self::reaction($rule) + ['verdict' => $rule['verdict'] ?? 'wrong'], self::entries($thing['rules'] ?? null)),
            'picks' => array_values(array_filter(array_map(self::reaction(...), self::entries($thing['input']['options'] ?? null)))),
            'otherwise' => self::reactions($thing['otherwise'] ?? null),
            'opened' => self::reactions($thing['opened'] ?? null),
            'hints' => self::hints($thing['hints'] ?? null),
            'cues' => array_map(static fn (array $cue): array => ['id' => $cue['id'] ?? '', 'react' => self::reactions($cue['react'] ?? null), 'things' => self::things($cue['things'] ?? null)], self::entries($thing['cues'] ?? null)),
        ]);
    }

    /** @return list<Raw> */
    private static function reactions(mixed $reactions): array
    {
        return self::acts($reactions) ? array_map(self::reaction(...), self::entries($reactions)) : [];
    }

    /** @return list<Raw> */
    private static function hints(mixed $hints): array
    {
        return self::acts($hints) ? array_map(static fn (array $hint): array => self::reaction($hint) + ['after' => $hint['after'] ?? null], self::entries($hints)) : [];
    }

    /**
     * @param  Raw  $reaction
     * @return Raw
     */
    private static function reaction(array $reaction): array
    {
        return array_filter(array_intersect_key($reaction, ['if' => 0, 'do' => 0, 'go' => 0]));
    }
}

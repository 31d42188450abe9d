<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Condition\Conditions;
use Fravel\Effect\Effects;
use Fravel\Thing\Things;

/**
 * Walks a document and finds every reference in it. The order of traversal is written here once, for validation,
 * relinking and renaming; which fields refer to what is said by each condition, effect and thing itself.
 *
 * @phpstan-type Path list<string|int>
 */
final class References
{
    /** @var list<Reference> */
    private array $found = [];

    private ?string $scene = null;

    /**
     * @param  array<array-key, mixed>  $document
     * @return list<Reference>
     */
    public static function in(array $document): array
    {
        $walk = new self;
        $walk->game($document);

        return $walk->found;
    }

    /** @param  array<array-key, mixed>  $game */
    private function game(array $game): void
    {
        $this->refer('scene', $game['start'] ?? null, ['start']);
        foreach (self::listOf($game, 'chapters') as $place => $chapter) {
            $this->refer('scene', $chapter['start'] ?? null, ['chapters', $place, 'start']);
        }
        foreach (self::listOf($game, 'tokens') as $place => $token) {
            $this->refer('asset', $token['asset'] ?? null, ['tokens', $place, 'asset']);
        }
        foreach (self::listOf($game, 'scenes') as $place => $scene) {
            $this->scene = is_string($scene['id'] ?? null) ? $scene['id'] : null;
            $this->scene($scene, ['scenes', $place]);
        }
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @param  Path  $path
     */
    private function scene(array $scene, array $path): void
    {
        $this->refer('chapter', $scene['chapter'] ?? null, [...$path, 'chapter']);
        $this->face($scene['backdrop'] ?? null, [...$path, 'backdrop']);
        $this->condition($scene['needs'] ?? null, [...$path, 'needs']);
        foreach (['refused', 'arrive', 'next'] as $key) {
            $this->reactions($scene[$key] ?? null, [...$path, $key]);
        }
        $this->things($scene, [...$path, 'things']);
    }

    /**
     * @param  array<array-key, mixed>  $holder
     * @param  Path  $path
     */
    private function things(array $holder, array $path): void
    {
        foreach (self::listOf($holder, 'things') as $place => $thing) {
            $this->thing($thing, [...$path, $place]);
        }
    }

    /**
     * @param  array<array-key, mixed>  $thing
     * @param  Path  $path
     */
    private function thing(array $thing, array $path): void
    {
        $this->fields($thing, Things::refers(self::text($thing, 'kind')), $path);
        foreach (['if', 'needs'] as $key) {
            $this->condition($thing[$key] ?? null, [...$path, $key]);
        }
        foreach (['react', 'otherwise', 'opened'] as $key) {
            $this->reactions($thing[$key] ?? null, [...$path, $key]);
        }
        foreach (self::listOf($thing, 'rules') as $place => $rule) {
            $this->reactions($rule, [...$path, 'rules', $place]);
        }
        foreach (self::listOf($thing, 'hints') as $place => $hint) {
            $this->condition($hint['after'] ?? null, [...$path, 'hints', $place, 'after']);
            $this->effects($hint, [...$path, 'hints', $place]);
        }
        foreach (self::listOf($thing, 'by') as $place => $share) {
            $this->refer('lock', $share['lock'] ?? null, [...$path, 'by', $place, 'lock']);
        }
        foreach (self::listOf($thing, 'cues') as $place => $cue) {
            $this->reactions($cue['react'] ?? null, [...$path, 'cues', $place, 'react']);
            $this->things($cue, [...$path, 'cues', $place, 'things']);
        }
        foreach (['front', 'back', 'input'] as $key) {
            $this->face($thing[$key] ?? null, [...$path, $key]);
        }
        $this->items($thing['input'] ?? null, [...$path, 'input']);
    }

    /** @param  Path  $path */
    private function items(mixed $input, array $path): void
    {
        if (! is_array($input)) {
            return;
        }
        foreach (['options', 'items', 'keys', 'left', 'right'] as $key) {
            foreach (self::listOf($input, $key) as $place => $item) {
                $this->face($item, [...$path, $key, $place]);
                $this->effects($item, [...$path, $key, $place]);
            }
        }
    }

    /** @param  Path  $path */
    private function face(mixed $face, array $path): void
    {
        if (is_array($face)) {
            $this->refer('asset', $face['asset'] ?? null, [...$path, 'asset']);
        }
    }

    /** @param  Path  $path */
    private function reactions(mixed $reactions, array $path): void
    {
        if (! is_array($reactions)) {
            return;
        }
        if (! array_is_list($reactions)) {
            $this->reaction($reactions, $path);

            return;
        }
        foreach ($reactions as $place => $reaction) {
            if (is_array($reaction)) {
                $this->reaction($reaction, [...$path, $place]);
            }
        }
    }

    /**
     * @param  array<array-key, mixed>  $reaction
     * @param  Path  $path
     */
    private function reaction(array $reaction, array $path): void
    {
        $this->condition($reaction['if'] ?? null, [...$path, 'if']);
        $this->effects($reaction, $path);
        $go = $reaction['go'] ?? null;
        if (is_string($go) && $go !== '' && (new Route($go))->isScene()) {
            $this->refer('scene', $go, [...$path, 'go'], true);
        }
    }

    /**
     * @param  array<array-key, mixed>  $holder
     * @param  Path  $path
     */
    private function effects(array $holder, array $path): void
    {
        foreach (self::listOf($holder, 'do') as $place => $effect) {
            $this->fields($effect, Effects::refers((string) array_key_first($effect)), [...$path, 'do', $place]);
        }
    }

    /** @param  Path  $path */
    private function condition(mixed $condition, array $path): void
    {
        if (! is_array($condition)) {
            return;
        }
        foreach (['all', 'any'] as $key) {
            foreach (self::listOf($condition, $key) as $place => $part) {
                $this->condition($part, [...$path, $key, $place]);
            }
        }
        $this->condition($condition['not'] ?? null, [...$path, 'not']);
        foreach (array_keys($condition) as $key) {
            $this->fields($condition, Conditions::refers((string) $key), $path);
        }
    }

    /**
     * @param  array<array-key, mixed>  $holder
     * @param  array<string, string>  $refers
     * @param  Path  $path
     */
    private function fields(array $holder, array $refers, array $path): void
    {
        foreach ($refers as $field => $kind) {
            $value = $holder[$field] ?? null;
            if (! is_array($value)) {
                $this->refer($kind, $value, [...$path, $field]);

                continue;
            }
            foreach (array_values($value) as $place => $id) {
                $this->refer($kind, $id, [...$path, $field, $place]);
            }
        }
    }

    /** @param  Path  $path */
    private function refer(string $kind, mixed $id, array $path, bool $isRoute = false): void
    {
        if (is_string($id) && $id !== '') {
            $this->found[] = new Reference($kind, $id, $path, $this->scene, $isRoute);
        }
    }

    /**
     * @param  array<array-key, mixed>  $holder
     * @return array<int, array<array-key, mixed>>
     */
    private static function listOf(array $holder, string $key): array
    {
        $list = $holder[$key] ?? [];

        return is_array($list) && array_is_list($list) ? array_filter($list, is_array(...)) : [];
    }

    /** @param  array<array-key, mixed>  $holder */
    private static function text(array $holder, string $key): string
    {
        return is_string($holder[$key] ?? null) ? $holder[$key] : '';
    }
}

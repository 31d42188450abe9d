<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Answer\Input\Inputs;
use Fravel\Answer\Matcher\Matchers;
use Fravel\Condition\Conditions;
use Fravel\Effect\Effects;
use Fravel\Thing\Things;

/**
 * Goes through a document from its first field to its last, and tells visitors of every part and of every place that
 * names another one. What a field holds is said here for scenes and reactions, and by each kind for its own (FIELDS).
 *
 * @phpstan-type Path list<string|int>
 */
final readonly class Walk
{
    /** A way to a scene, or one of the words of Route. */
    public const ROUTE = 'route';

    /** Kinds of parts that a field may name. */
    private const NAMES = [
        'scene' => true,
        'chapter' => true,
        'token' => true,
        'tally' => true,
        'asset' => true,
        'lock' => true,
        'cover' => true,
        'find' => true,
        'clip' => true,
        self::ROUTE => true,
    ];

    private const REACTION = ['if' => 'condition', 'do' => 'effects', 'go' => self::ROUTE];

    private const SHAPES = [
        'game' => ['start' => 'scene', 'chapters' => 'chapters', 'tokens' => 'tokens', 'scenes' => 'scenes'],
        'chapters' => ['start' => 'scene'],
        'tokens' => ['asset' => 'asset'],
        'scenes' => [
            'chapter' => 'chapter',
            'backdrop' => 'face',
            'needs' => 'condition',
            'refused' => 'reactions',
            'arrive' => 'reactions',
            'next' => 'reactions',
            'things' => 'things',
            'stop' => 'stop',
            'sound' => 'asset',
        ],
        'stop' => ['clip' => 'clip'],
        'moments' => [],
        'rounds' => ['input' => 'input', 'match' => 'matcher'],
        'things' => ['if' => 'condition'],
        'reactions' => self::REACTION,
        'rules' => self::REACTION + ['match' => 'matcher'],
        'hints' => ['after' => 'condition', 'do' => 'effects'],
        'cues' => ['react' => 'reactions', 'things' => 'things'],
        'face' => ['asset' => 'asset'],
        'items' => ['asset' => 'asset', 'do' => 'effects'],
        'shares' => ['lock' => 'lock'],
        'boxes' => ['asset' => 'asset'],
        'counted' => ['of' => 'matcher'],
    ];

    /** Shapes of which a list holds many, by what one is called. */
    private const LISTS = ['conditions' => 'condition', 'matchers' => 'matcher'];

    /** Shapes that name the parts an answer is made of. */
    public const ANSWERED = ['parts', 'pairs', 'gaps'];

    /** Fields that are only seen and read: no way, no answer and no condition depends on them. */
    private const LOOKS = [
        'scenes' => ['title', 'layout', 'backdrop', 'at', 'sound'],
        'things' => [
            'label',
            'box',
            'turn',
            'shape',
            'points',
            'stays',
            'fixed',
            'group',
            'md',
            'ask',
            'look',
            'asset',
            'size',
            'colour',
            'plate',
            'toward',
            'front',
            'back',
            'url',
            'captions',
            'lines',
            'poster',
            'source',
            'sound',
            'start',
        ],
        'reactions' => ['say'],
        'rules' => ['say'],
        'hints' => ['md'],
    ];

    private function __construct(private Visitor $visitor)
    {
    }

    /** @param  array<array-key, mixed>  $document */
    public static function through(array $document, Visitor $visitor): void
    {
        (new self($visitor))->part('game', $document, []);
    }

    /**
     * One part of a document.
     *
     * @param  string  $shape  scenes, things, condition, …
     * @param  array<array-key, mixed>  $part
     */
    public static function in(string $shape, array $part, Visitor $visitor): void
    {
        (new self($visitor))->part($shape, $part, []);
    }

    /** What the field of a matcher holds that its kind is called by; '' for another field. */
    public static function heldByMatcher(string $key): string
    {
        $class = Matchers::kinds()[$key] ?? null;

        return $class === null ? '' : $class::FIELDS[$key] ?? '';
    }

    /**
     * The part without what is only seen and read.
     *
     * @param  array<array-key, mixed>  $part
     * @return array<array-key, mixed>
     */
    public static function withoutLooks(string $shape, array $part): array
    {
        $bare = array_diff_key($part, array_flip(self::LOOKS[$shape] ?? []));
        foreach (
            [
                'things' => 'things',
                'react' => 'reactions',
                'arrive' => 'reactions',
                'next' => 'reactions',
                'refused' => 'reactions',
                'otherwise' => 'reactions',
                'opened' => 'reactions',
                'rules' => 'rules',
                'hints' => 'hints',
                'cues' => 'cues',
            ] as $field => $inner
        ) {
            if (is_array($bare[$field] ?? null)) {
                $bare[$field] = array_is_list($bare[$field])
                    ? array_map(
                        static fn (mixed $one): mixed => is_array($one) ? self::withoutLooks($inner, $one) : $one,
                        $bare[$field],
                    )
                    : self::withoutLooks($inner, $bare[$field]);
            }
        }

        return $bare;
    }

    /** @return array<string, array<string, string>> shape or kind ("things.lock") → field → what it holds */
    public static function table(): array
    {
        $table = self::SHAPES;
        foreach (
            [
                'things' => Things::kinds(),
                'condition' => Conditions::kinds(),
                'effects' => Effects::kinds(),
                'input' => Inputs::kinds(),
                'matcher' => Matchers::kinds(),
            ] as $family => $kinds
        ) {
            foreach ($kinds as $key => $class) {
                $table["{$family}.{$key}"] = $class::FIELDS;
            }
        }

        return $table;
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  Path  $path
     */
    private function part(string $shape, array $part, array $path): void
    {
        $this->visitor->part($shape, $part, $path);
        foreach ($this->fields($shape, $part) as $field => $holds) {
            if (isset($part[$field])) {
                $this->field($holds, $part[$field], [...$path, $field]);
            }
        }
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @return array<string, string>
     */
    private function fields(string $shape, array $part): array
    {
        return match ($shape) {
            'things' => self::SHAPES['things'] + self::ofKind(Things::kinds(), $part['kind'] ?? null),
            'input' => self::ofKind(Inputs::kinds(), $part['type'] ?? 'text'),
            'effects' => self::ofKind(Effects::kinds(), array_key_first($part)),
            'condition' => self::ofKeys(Conditions::kinds(), $part),
            'matcher' => self::ofKeys(Matchers::kinds(), $part),
            default => self::SHAPES[$shape] ?? [],
        };
    }

    /** @param  Path  $path */
    private function field(string $holds, mixed $value, array $path): void
    {
        if (isset(self::NAMES[$holds])) {
            $this->names($holds, $value, $path);
        } elseif (in_array($holds, self::ANSWERED, true)) {
            is_array($value) ? $this->answered($holds, $value, $path) : null;
        } elseif (is_array($value)) {
            $one = self::LISTS[$holds] ?? $holds;
            // Where there may be many, one may stand for itself.
            if (! array_is_list($value)) {
                $this->part($one, $value, $path);

                return;
            }
            foreach ($value as $place => $entry) {
                is_array($entry) ? $this->part($one, $entry, [...$path, $place]) : null;
            }
        }
    }

    /** @param  Path  $path */
    private function names(string $kind, mixed $value, array $path): void
    {
        if (is_string($value) && $value !== '') {
            $this->visitor->name($kind, $value, $path);
        }
        foreach (is_array($value) ? array_values($value) : [] as $place => $id) {
            if (is_string($id) && $id !== '') {
                $this->visitor->name($kind, $id, [...$path, $place]);
            }
        }
    }

    /**
     * Gaps are judged by matchers of their own.
     *
     * @param  array<array-key, mixed>  $parts
     * @param  Path  $path
     */
    private function answered(string $holds, array $parts, array $path): void
    {
        foreach ($holds === 'gaps' ? $parts : [] as $gap => $matcher) {
            is_array($matcher) ? $this->part('matcher', $matcher, [...$path, $gap]) : null;
        }
    }

    /**
     * @param  array<string, class-string>  $kinds
     * @return array<string, string>
     */
    private static function ofKind(array $kinds, mixed $key): array
    {
        $class = is_string($key) ? $kinds[$key] ?? null : null;

        return $class === null ? [] : $class::FIELDS;
    }

    /**
     * @param  array<string, class-string>  $kinds
     * @param  array<array-key, mixed>  $part
     * @return array<string, string>
     */
    private static function ofKeys(array $kinds, array $part): array
    {
        return array_merge(
            [],
            ...array_map(
                static fn (string $class): array => $class::FIELDS,
                array_values(array_intersect_key($kinds, $part)),
            ),
        );
    }
}

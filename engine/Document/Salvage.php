<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Support\Problem;

/**
 * What can be kept of a document that has not the shape of a game: whatever is wrong is left out, and where that leaves
 * something without a field that it has to have, this is left out in turn.
 */
final readonly class Salvage
{
    /** One reading tells 200 problems at most; a document in which more than this many readings find some is none. */
    private const READINGS = 40;

    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<Problem>  $left  what was left out, with why, each place once; `scene` is where it was
     */
    private function __construct(public array $document, public array $left)
    {
    }

    /**
     * Null when nothing playable is left: no version that is known, or no scene.
     *
     * @param  array<array-key, mixed>  $document
     */
    public static function of(array $document): ?self
    {
        if (($document['fravel'] ?? null) !== 1) {
            return null;
        }
        $left = [];
        for ($reading = 0; $reading < self::READINGS; $reading++) {
            $document = self::withHead($document);
            $problems = Validation::ofShape($document);
            if ($problems === []) {
                return ($document['scenes'] ?? []) === [] ? null : new self($document, array_values($left));
            }
            $left += self::named($document, $problems);
            // From the last to the first: what goes out of a list moves what comes after it.
            foreach (array_reverse($problems) as $problem) {
                $document = self::without($document, self::keys($problem->place)) ?? [];
            }
        }

        return null;
    }

    /**
     * The problems by their places, each with the title of the scene that it is in (`scene`, empty where there is
     * none): in the next reading others may stand there.
     *
     * @param  array<array-key, mixed>  $document
     * @param  list<Problem>  $problems
     * @return array<string, Problem>
     */
    private static function named(array $document, array $problems): array
    {
        $named = [];
        foreach ($problems as $problem) {
            $keys = self::keys($problem->place);
            $title = $keys[0] === 'scenes' ? $document['scenes'][$keys[1] ?? '']['title'] ?? '' : '';
            $arguments = $problem->arguments + ['scene' => is_string($title) ? $title : ''];
            $named[$problem->place] ??= new Problem($problem->code, $problem->place, $arguments);
        }

        return $named;
    }

    /**
     * A game that is called something and begins somewhere.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function withHead(array $document): array
    {
        $first = is_array($document['scenes'] ?? null) ? $document['scenes'][0]['id'] ?? '' : '';

        return $document + ['title' => '', 'start' => is_string($first) ? $first : ''];
    }

    /**
     * Without what stands there; null where nothing does, so that what should hold it goes.
     *
     * @param  array<array-key, mixed>  $value
     * @param  list<string>  $keys
     * @return array<array-key, mixed>|null
     */
    private static function without(array $value, array $keys): ?array
    {
        $key = array_shift($keys);
        if ($key === null || ! array_key_exists($key, $value)) {
            return null;
        }
        $isList = array_is_list($value);
        $inner = $keys !== [] && is_array($value[$key]) ? self::without($value[$key], $keys) : null;
        if ($inner === null) {
            unset($value[$key]);
        } else {
            $value[$key] = $inner;
        }

        return $isList ? array_values($value) : $value;
    }

    /** @return list<string> the keys of a JSON pointer (RFC 6901) */
    private static function keys(string $pointer): array
    {
        $keys = explode('/', substr($pointer, 1));

        return array_map(static fn (string $key): string => str_replace(['~1', '~0'], ['/', '~'], $key), $keys);
    }
}

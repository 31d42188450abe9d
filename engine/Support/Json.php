<?php

declare(strict_types=1);

namespace Fravel\Support;

use Fravel\Exception\UnableToReadJson;
use JsonException;
use stdClass;

/**
 * Reads and writes JSON so that reading and writing again gives the same document.
 *
 * Objects become arrays with string keys. The two kinds of object that such an array can't stand for (the empty one,
 * and one whose keys are 0, 1, 2 …) stay objects, so that `{}` is never written back as `[]`.
 */
final class Json
{
    /** Deeper nesting than this is refused; no document of ours comes near it. */
    private const DEPTH = 100;

    /** More values than this are refused before they are read: each takes a hundred times its bytes while it is. */
    private const MOST_VALUES = 600_000;

    /**
     * @return array<array-key, mixed>
     *
     * @throws UnableToReadJson If the text is not JSON or its outermost value is not an object.
     */
    public static function readObject(string $text): array
    {
        $value = self::read($text);
        if ($value instanceof stdClass) {
            return [];
        }
        if (! is_array($value) || array_is_list($value)) {
            throw UnableToReadJson::notAnObject();
        }

        return $value;
    }

    /** @throws UnableToReadJson If the text is not JSON. */
    public static function read(string $text): mixed
    {
        $values = substr_count($text, ',') + substr_count($text, '[') + substr_count($text, '{');
        if ($values > self::MOST_VALUES && ! self::isWithin($text)) {
            throw UnableToReadJson::because('it holds more values than '.self::MOST_VALUES);
        }
        try {
            return self::cleared(json_decode($text, false, self::DEPTH, JSON_THROW_ON_ERROR));
        } catch (JsonException $failure) {
            throw UnableToReadJson::because(lcfirst($failure->getMessage()));
        }
    }

    public static function write(mixed $value, bool $pretty = false): string
    {
        $flags = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;

        return json_encode($value, $pretty ? $flags | JSON_PRETTY_PRINT : $flags);
    }

    /** Counted once more without what stands in texts, where a comma is no value. */
    private static function isWithin(string $text): bool
    {
        $bare = preg_replace('/"(?:[^"\\\\]|\\\\.)*+"/s', '', $text);

        return $bare !== null &&
            substr_count($bare, ',') + substr_count($bare, '[') + substr_count($bare, '{') <= self::MOST_VALUES;
    }

    private static function cleared(mixed $value): mixed
    {
        if (is_array($value)) {
            return array_map(self::cleared(...), $value);
        }
        if (! ($value instanceof stdClass)) {
            // What is written past all bounds can't be written back, and no comparison with it means anything.
            return ! is_float($value) || is_finite($value)
                ? $value
                : throw UnableToReadJson::because('a number goes past all bounds');
        }
        $fields = array_map(self::cleared(...), get_object_vars($value));

        return array_is_list($fields) ? (object) $fields : $fields;
    }
}

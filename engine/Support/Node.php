<?php

declare(strict_types=1);

namespace Fravel\Support;

use stdClass;

/**
 * One value of a document while it is read: it knows its place and reports what has the wrong shape.
 *
 * Every accessor answers with a usable value whatever stands there, so that a reader never breaks off and one reading
 * finds everything that is wrong.
 */
final readonly class Node
{
    public const ID = '/^[a-z][a-z0-9_-]{0,39}$/D';

    private function __construct(public mixed $value, public string $pointer, public Problems $problems)
    {
    }

    public static function root(mixed $value, ?Problems $problems = null, string $pointer = ''): self
    {
        return new self($value, $pointer, $problems ?? new Problems(false));
    }

    public function at(string|int $key): self
    {
        $name = is_string($key) ? str_replace(['~', '/'], ['~0', '~1'], $key) : $key;

        return new self($this->value($key), "{$this->pointer}/{$name}", $this->problems);
    }

    public function has(string $key): bool
    {
        return $this->value($key) !== null;
    }

    public function isMap(): bool
    {
        return $this->value instanceof stdClass || (is_array($this->value) && ! array_is_list($this->value));
    }

    public function isList(): bool
    {
        return is_array($this->value) && array_is_list($this->value);
    }

    /** What stands under the key, without a node of its own: most of what is read is there and sound. */
    private function value(string|int $key): mixed
    {
        return is_array($this->value) ? $this->value[$key] ?? null : $this->fields()[$key] ?? null;
    }

    /** @return array<array-key, mixed> */
    public function fields(): array
    {
        return match (true) {
            $this->value instanceof stdClass => get_object_vars($this->value),
            is_array($this->value) => $this->value,
            default => [],
        };
    }

    /** Text under the key; absent means the default. */
    public function text(string $key, string $default = ''): string
    {
        return $this->maybeText($key) ?? $default;
    }

    public function maybeText(string $key): ?string
    {
        $value = $this->value($key);
        if ($value === null || is_string($value)) {
            return $value;
        }
        $this->at($key)->wrong('text');

        return null;
    }

    /** Text that is compared with answers, which costs more the longer it is. Longer text is a problem, and is kept. */
    public function short(string $key, int $most): string
    {
        return $this->at($key)->shortened($this->text($key), $most);
    }

    /** @return list<string> of one text or a list of them */
    public function shorts(string $key, int $most): array
    {
        return array_map(
            static fn (self $entry): string => $entry->shortened($entry->asText(), $most),
            $this->oneOrMore($key),
        );
    }

    private function shortened(string $text, int $most): string
    {
        if (strlen($text) > $most && mb_strlen($text) > $most) {
            $this->problems->add('text.long', $this->pointer, ['found' => mb_strlen($text), 'most' => $most]);
        }

        return $text;
    }

    public function flag(string $key, bool $default = false): bool
    {
        $value = $this->value($key);
        if ($value === null || is_bool($value)) {
            return $value ?? $default;
        }
        $this->at($key)->wrong('true or false');

        return $default;
    }

    public function number(string $key, int|float $default = 0): int|float
    {
        $value = $this->value($key);
        if ($value === null || is_int($value) || (is_float($value) && is_finite($value))) {
            return $value ?? $default;
        }
        // What JSON writes past all bounds is read as infinite: no sum and no comparison with it means anything.
        $this->at($key)->wrong('a number');

        return $default;
    }

    /** A whole number inside the bounds. */
    public function whole(string $key, int $default, int $least = 0, int $most = PHP_INT_MAX): int
    {
        $value = $this->value($key);
        if ($value === null) {
            return $default;
        }
        if (is_int($value) && $value >= $least && $value <= $most) {
            return $value;
        }
        $this->at($key)->wrong(
            $most === PHP_INT_MAX ? "a whole number from {$least} on" : "a whole number from {$least} to {$most}",
        );

        return $default;
    }

    /** An id of this document's own; wrong or absent is a problem. */
    public function id(string $key = 'id'): string
    {
        $node = $this->at($key);
        if (is_string($node->value) && preg_match(self::ID, $node->value) === 1) {
            return $node->value;
        }
        $node->problems->add('id.malformed', $node->pointer, ['found' => $node->glimpse()]);

        return '';
    }

    /** @return list<self> The entries; absent means none. */
    public function list(string $key): array
    {
        if ($this->value($key) === null) {
            return [];
        }
        $node = $this->at($key);
        if (! $node->isList()) {
            $node->wrong('a list');

            return [];
        }

        return $node->entries();
    }

    /** @return list<self> Like list(), but a single value may stand for a list of one. */
    public function oneOrMore(string $key): array
    {
        $node = $this->at($key);

        return $node->value === null || $node->isList() ? $this->list($key) : [$node];
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        return array_map(static fn (self $entry): string => $entry->asText(), $this->oneOrMore($key));
    }

    /** @return array<string, self> */
    public function map(string $key): array
    {
        $node = $this->at($key);
        if ($node->value === null) {
            return [];
        }
        if (! $node->isMap()) {
            $node->wrong('an object');

            return [];
        }
        $entries = [];
        foreach (array_keys($node->fields()) as $name) {
            $entries[(string) $name] = $node->at($name);
        }

        return $entries;
    }

    /**
     * @param  list<string>  $allowed
     */
    public function oneOf(string $key, array $allowed, string $default): string
    {
        $value = $this->value($key);
        if ($value === null || in_array($value, $allowed, true)) {
            return $value ?? $default;
        }
        $this->problems->add('value.unknown', $this->at($key)->pointer, [
            'found' => $this->at($key)->glimpse(),
            'allowed' => implode(', ', $allowed),
        ]);

        return $default;
    }

    /**
     * Like oneOf(), for fields that came later: what another program may have kept there is no problem, and means the
     * default.
     *
     * @param  list<string>  $known
     */
    public function known(string $key, array $known, string $default): string
    {
        $value = $this->value($key);

        return is_string($value) && in_array($value, $known, true) ? $value : $default;
    }

    /**
     * The one key of the family that this object carries, as its reader.
     *
     * @template T of object
     *
     * @param  array<string, class-string<T>>  $family  key → class of that variant
     * @return class-string<T>|null
     */
    public function variant(array $family): ?string
    {
        $found = array_values(array_intersect(array_keys($this->fields()), array_keys($family)));
        if (count($found) === 1) {
            return $family[$found[0]];
        }
        $this->problems->add($found === [] ? 'variant.none' : 'variant.many', $this->pointer, [
            'found' => implode(', ', $found === [] ? array_keys($this->fields()) : $found),
            'allowed' => implode(', ', array_keys($family)),
        ]);

        return null;
    }

    public function asText(): string
    {
        if (is_string($this->value)) {
            return $this->value;
        }
        $this->wrong('text');

        return '';
    }

    /** @return list<self> */
    public function entries(): array
    {
        return array_map($this->at(...), array_keys(array_values($this->fields())));
    }

    public function wrong(string $expected): void
    {
        $this->problems->add('shape.wrong', $this->pointer, ['expected' => $expected, 'found' => $this->glimpse()]);
    }

    private function glimpse(): string
    {
        if ($this->value === null) {
            return 'nothing';
        }

        return mb_strimwidth(
            (string) json_encode(
                $this->value,
                JSON_UNESCAPED_UNICODE |
                    JSON_UNESCAPED_SLASHES |
                    JSON_PRESERVE_ZERO_FRACTION |
                    JSON_PARTIAL_OUTPUT_ON_ERROR,
            ),
            0,
            40,
            '…',
        );
    }
}

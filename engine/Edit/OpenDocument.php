<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\Ids;

/**
 * A document laid open for many changes: each part is found by its id at once, and a list is a chain, so that a change
 * costs the same in a game of a thousand scenes as in one of ten. It is opened from a document and closed into one.
 *
 * @internal
 */
final class OpenDocument
{
    /** Lists of the game, in the order in which a part is looked for. */
    private const LISTS = ['chapters', 'tokens', 'tallies', 'assets', 'walkthroughs', 'scenes'];

    /**
     * @var array<string, array<array-key, mixed>> part → its fields; a list of parts is null there and keeps its place
     *     among them
     */
    private array $fields = [];

    /**
     * @var array<string, array{list: string, in: string, before: ?string, after: ?string}> part → where it stands, and
     *     its neighbours
     */
    private array $place = [];

    /** @var array<string, array{first: ?string, last: ?string}> "part list" → the ends of the chain */
    private array $ends = [];

    /** @var array<string, int> id → how often it is given, anywhere */
    private array $ids = [];

    private function __construct()
    {
    }

    /** @param  array<array-key, mixed>  $document */
    public static function of(array $document): self
    {
        $open = new self();
        $open->count(array_diff_key($document, array_flip(self::LISTS)), 1);
        $open->fields[Command::GAME] = $open->take($document, Command::GAME, self::LISTS);

        return $open;
    }

    /** @return array<array-key, mixed> the document as it is now */
    public function close(): array
    {
        return $this->whole(Command::GAME);
    }

    public function has(string $part): bool
    {
        return isset($this->fields[$part]);
    }

    /** @return array<array-key, mixed> those of a part that is there; null for a list of parts */
    public function fieldsOf(string $part): array
    {
        return $this->fields[$part];
    }

    public function field(string $part, string $name): mixed
    {
        return $this->isList($part, $name) ? $this->listed($part, $name) : $this->fields[$part][$name] ?? null;
    }

    /** @param  array<array-key, mixed>  $fields  of which only this one is another or in another place */
    public function change(string $part, string $name, array $fields): void
    {
        $this->count([$name => $this->field($part, $name)], -1);
        $this->count([$name => $fields[$name] ?? null], 1);
        if ($this->isList($part, $name)) {
            array_map($this->drop(...), $this->chain($part, $name));
            unset($this->ends["{$part} {$name}"]);
        }
        $this->fields[$part] =
            $part === Command::GAME && in_array($name, self::LISTS, true)
                ? $this->take($fields, $part, [$name])
                : $fields;
    }

    public function hasList(string $part, string $list): bool
    {
        return array_key_exists($list, $this->fields[$part]);
    }

    public function isEmptyList(string $part, string $list): bool
    {
        return isset($this->fields[$part]) &&
            $this->isList($part, $list) &&
            $this->ends["{$part} {$list}"]['first'] === null;
    }

    public function dropList(string $part, string $list): void
    {
        unset($this->fields[$part][$list], $this->ends["{$part} {$list}"]);
    }

    /** @param  array<array-key, mixed>  $value */
    public function givesNothingTwice(array $value): bool
    {
        $ids = Ids::in($value);

        return array_intersect_key($ids, $this->ids) === [] &&
            array_filter($ids, static fn (array $pointers): bool => count($pointers) > 1) === [];
    }

    /** @return list<string> ids that the part gives, its own first */
    public function idsIn(string $part): array
    {
        return isset($this->fields[$part]) ? array_map(strval(...), array_keys(Ids::in($this->whole($part)))) : [];
    }

    /**
     * After the one named, first for null, last when the one named is not in the list.
     *
     * @param  array<array-key, mixed>  $value
     */
    public function insert(string $list, string $in, ?string $after, array $value): void
    {
        $id = is_string($value['id'] ?? null) ? $value['id'] : '';
        $this->count($value, 1);
        if (! $this->isList($in, $list)) {
            $this->fields[$in][$list] = null;
            $this->ends["{$in} {$list}"] = ['first' => null, 'last' => null];
        }
        $isThere =
            $after !== null && ($this->place[$after]['list'] ?? null) === $list && $this->place[$after]['in'] === $in;
        $this->link($id, $list, $in, $after === null || $isThere ? $after : $this->ends["{$in} {$list}"]['last']);
        $this->fields[$id] = $this->take($value, $id, $list === 'scenes' ? ['things'] : []);
    }

    /**
     * @return array{list: string, in: string, after: ?string, value: array<array-key, mixed>} where it stood and what
     *     it was
     */
    public function remove(string $part): array
    {
        $value = $this->whole($part);
        ['list' => $list, 'in' => $in, 'before' => $before] = $this->place[$part];
        $this->count($value, -1);
        foreach ($this->isList($part, 'things') ? $this->chain($part, 'things') : [] as $thing) {
            $this->drop($thing);
        }
        unset($this->ends["{$part} things"]);
        $this->unlink($part);
        $this->drop($part);

        return ['list' => $list, 'in' => $in, 'after' => $before, 'value' => $value];
    }

    public function isScene(string $part): bool
    {
        return ($this->place[$part]['list'] ?? '') === 'scenes';
    }

    /** Whether it is a part that can come and go. */
    public function isMovable(string $part): bool
    {
        return isset($this->place[$part]);
    }

    /**
     * Takes lists out of some fields and chains what they hold.
     *
     * @param  array<array-key, mixed>  $fields
     * @param  list<string>  $lists
     * @return array<array-key, mixed> the fields, with null for each list
     */
    private function take(array $fields, string $part, array $lists): array
    {
        foreach ($lists as $list) {
            if (! is_array($fields[$list] ?? null) || ! array_is_list($fields[$list])) {
                continue;
            }
            $this->ends["{$part} {$list}"] = ['first' => null, 'last' => null];
            foreach (array_filter($fields[$list], is_array(...)) as $value) {
                $id = is_string($value['id'] ?? null) ? $value['id'] : '';
                // A second part of the same id is for the validation to find: it is kept, and found under no id.
                $id = isset($this->fields[$id]) ? "\0".count($this->fields) : $id;
                $part === Command::GAME && $this->count($value, 1);
                $this->link($id, $list, $part, $this->ends["{$part} {$list}"]['last']);
                $this->fields[$id] = $this->take($value, $id, $list === 'scenes' ? ['things'] : []);
            }
            $fields[$list] = null;
        }

        return $fields;
    }

    /** @return array<array-key, mixed> */
    private function whole(string $part): array
    {
        $fields = $this->fields[$part];
        foreach ($part === Command::GAME ? self::LISTS : ['things'] as $list) {
            if ($this->isList($part, $list)) {
                $fields[$list] = $this->listed($part, $list);
            }
        }

        return $fields;
    }

    /** @return list<array<array-key, mixed>> */
    private function listed(string $part, string $list): array
    {
        return array_map($this->whole(...), $this->chain($part, $list));
    }

    private function isList(string $part, string $name): bool
    {
        return isset($this->ends["{$part} {$name}"]);
    }

    /** @return list<string> ids in their order */
    private function chain(string $part, string $list): array
    {
        $ids = [];
        for ($id = $this->ends["{$part} {$list}"]['first']; $id !== null; $id = $this->place[$id]['after']) {
            $ids[] = $id;
        }

        return $ids;
    }

    private function link(string $id, string $list, string $in, ?string $before): void
    {
        $after = $before === null ? $this->ends["{$in} {$list}"]['first'] : $this->place[$before]['after'];
        $this->place[$id] = ['list' => $list, 'in' => $in, 'before' => $before, 'after' => $after];
        $this->follow($list, $in, $before, $id);
        $this->precede($list, $in, $after, $id);
    }

    private function unlink(string $id): void
    {
        ['list' => $list, 'in' => $in, 'before' => $before, 'after' => $after] = $this->place[$id];
        $this->follow($list, $in, $before, $after);
        $this->precede($list, $in, $after, $before);
    }

    /** What stands behind a part of a list, or at its beginning. */
    private function follow(string $list, string $in, ?string $part, ?string $next): void
    {
        if ($part === null || ! isset($this->place[$part])) {
            $this->ends["{$in} {$list}"]['first'] = $next;
        } else {
            $this->place[$part]['after'] = $next;
        }
    }

    /** What stands before a part of a list, or at its end. */
    private function precede(string $list, string $in, ?string $part, ?string $previous): void
    {
        if ($part === null || ! isset($this->place[$part])) {
            $this->ends["{$in} {$list}"]['last'] = $previous;
        } else {
            $this->place[$part]['before'] = $previous;
        }
    }

    private function drop(string $part): void
    {
        unset($this->fields[$part], $this->place[$part]);
    }

    /** @param  array<array-key, mixed>  $value */
    private function count(array $value, int $by): void
    {
        foreach (Ids::in($value) as $id => $pointers) {
            $times = ($this->ids[$id] ?? 0) + $by * count($pointers);
            if ($times > 0) {
                $this->ids[$id] = $times;
            } else {
                unset($this->ids[$id]);
            }
        }
    }
}

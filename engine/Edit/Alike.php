<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Answer\Input\Gaps;
use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Fravel\Document\Renaming;
use Random\Randomizer;
use stdClass;

/**
 * `{"alike": lock, "as": [locks]}`: those ask what the first asks, and take what it takes.
 *
 * What each of them says and does, and where it leads, stays; so do the ids of its options, in their order.
 */
final class Alike
{
    /** Locks at most in one gesture. */
    private const MOST = 1000;

    /** What makes a question the same. */
    private const ASKED = ['ask', 'input', 'clean', 'rounds', 'enough'];

    /** What of a rule is each lock's own. */
    private const OWN = ['if', 'say', 'do', 'go'];

    /** @param  array<array-key, mixed>  $sent */
    public static function read(array $sent, GameDocument $game, Randomizer $random = new Randomizer()): ?Command
    {
        $from = self::lock($game, $sent['alike']);
        $others = $sent['as'] ?? null;
        if ($from === null || ! is_array($others) || count($others) > self::MOST) {
            return null;
        }
        $taken = Ids::in($game->document);
        $sets = [];
        foreach ($others as $id) {
            $lock = self::lock($game, $id);
            if ($lock === null) {
                return null;
            }
            array_push($sets, ...self::drawn($from, $lock, $taken, $random));
        }

        return new Together($sets);
    }

    /**
     * What is to be set so that the second lock asks what the first does; nothing where it does.
     *
     * @param  array<array-key, mixed>  $from
     * @param  array<array-key, mixed>  $lock
     * @param  GameDocument|null  $game  that the ids of new options must be new in
     * @return list<SetField>
     */
    public static function sets(array $from, array $lock, ?GameDocument $game = null): array
    {
        $taken = $game === null ? [] : Ids::in($game->document);

        return self::drawn($from, $lock, $taken, new Randomizer());
    }

    /** @return array<array-key, mixed>|null */
    private static function lock(GameDocument $game, mixed $id): ?array
    {
        $path = is_string($id) ? DocumentPath::path($game->document, $id) : null;
        $part = $path === null ? null : DocumentPath::get($game->document, $path);

        return is_array($part) && ($part['kind'] ?? null) === 'lock' ? $part : null;
    }

    /**
     * @param  array<array-key, mixed>  $from
     * @param  array<array-key, mixed>  $lock
     * @param  array<string, mixed>  $taken  ids that are not free
     * @return list<SetField>
     */
    private static function drawn(array $from, array $lock, array &$taken, Randomizer $random): array
    {
        $own = self::ids($lock);
        $names = [];
        foreach (self::ids($from) as $place => $id) {
            $names[$id] = $own[$place] ?? Ids::drawn(Ids::stem($id), $taken, $random);
            $taken[$names[$id]] = true;
        }
        $asked = array_intersect_key($from, array_flip([...self::ASKED, 'rules']));
        $asked = (new Renaming($names))->ofPart($asked);
        if (is_array($asked['input'] ?? null)) {
            $asked['input'] = self::input($asked['input'], is_array($lock['input'] ?? null) ? $lock['input'] : []);
        }
        $asked['rules'] = self::rules(self::entries($asked, 'rules'), self::entries($lock, 'rules'));
        $sets = [];
        foreach ([...self::ASKED, 'rules'] as $field) {
            if (! self::isSame($asked[$field] ?? null, $lock[$field] ?? null)) {
                $sets[] = new SetField((string) $lock['id'], $field, $asked[$field] ?? null, isset($asked[$field]));
            }
        }

        return $sets;
    }

    /**
     * What the one offers; what an option does is the other's own.
     *
     * @param  array<array-key, mixed>  $input
     * @param  array<array-key, mixed>  $own
     * @return array<array-key, mixed>
     */
    private static function input(array $input, array $own): array
    {
        if (! is_array($input['options'] ?? null)) {
            return $input;
        }
        $does = array_column(self::entries($own, 'options'), 'do', 'id');
        $input['options'] = array_map(
            static fn (array $option): array => isset($does[$option['id'] ?? ''])
                ? [...$option, 'do' => $does[$option['id']]]
                : array_diff_key($option, ['do' => 0]),
            self::entries($input, 'options'),
        );

        return $input;
    }

    /**
     * What the one judges, with what the other says and does.
     *
     * @param  list<array<array-key, mixed>>  $rules
     * @param  list<array<array-key, mixed>>  $own
     * @return list<array<array-key, mixed>>
     */
    private static function rules(array $rules, array $own): array
    {
        $said = array_flip(self::OWN);
        foreach ($rules as $place => $rule) {
            $rules[$place] =
                array_diff_key($rule, $said) +
                array_intersect_key($own[$place] ?? $rule, isset($own[$place]) ? $said : ['say' => 0]);
        }

        return $rules;
    }

    /** Whether two values say the same, whatever order their fields were written in. */
    private static function isSame(mixed $one, mixed $other): bool
    {
        if (! is_array($one) || ! is_array($other)) {
            return $one === $other || $one instanceof stdClass && $one == $other;
        }
        if (count($one) !== count($other)) {
            return false;
        }
        foreach ($one as $key => $value) {
            if (! array_key_exists($key, $other) || ! self::isSame($value, $other[$key])) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<array-key, mixed>  $lock
     * @return list<string> of the parts of its input and its rounds, in their order
     */
    private static function ids(array $lock): array
    {
        $parts = array_map(
            strval(...), array_keys(Ids::in(array_intersect_key($lock, ['input' => 0, 'rounds' => 0]))),
        );
        $input = is_array($lock['input'] ?? null) ? $lock['input'] : [];
        $isGapped = ($input['type'] ?? null) === 'gaps' && is_string($input['md'] ?? null);

        return $isGapped ? [...$parts, ...Gaps::marked($input['md'])] : $parts;
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @return list<array<array-key, mixed>>
     */
    private static function entries(array $part, string $list): array
    {
        return array_values(array_filter((array) ($part[$list] ?? []), is_array(...)));
    }
}

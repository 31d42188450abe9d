<?php

declare(strict_types=1);

namespace App\Play;

use Fravel\Thing\Lock;

/**
 * A turn as the student's page takes it: what happened, and only those pieces of the page that changed. The page has
 * words for verdicts.
 *
 * A wrong answer changes no piece: its lock gets a few fields, and nothing is rendered.
 */
final class Reply
{
    /** Fields of a lock that the page changes in place, so that what is typed there stays. */
    private const IN_PLACE = ['state', 'wait', 'hint', 'hints', 'ready'];

    /** Lists of an input that are drawn in another order after a wrong try. */
    private const SHUFFLED = ['options', 'items', 'right'];

    /** Kinds of things that are drawn anew in their place on a stage, the others left as they are. */
    private const BY_ITSELF = ['cover', 'find'];

    /** @return array<string, mixed> */
    public static function of(Turn $turn, Frame $frame): array
    {
        $after = Screen::after($turn);

        return [
            'refusal' => $turn->refusedWords(),
            'verdict' => self::verdict($turn),
            'said' => $turn->said(),
            'given' => $turn->given(),
            'ended' => $turn->state->ended,
            'seq' => $turn->seq,
            'beat' => $turn->beat,
        ]
            + ($turn->isBehind ? ['behind' => true] : [])
            + ($turn->vote === null ? [] : ['vote' => $turn->vote->html()])
            + self::pieces($turn, $after, $frame);
    }

    /**
     * Where a play is, for a device that did not bring it there: the whole scene, and what of its locks may be changed
     * in place where the scene is the same.
     *
     * @return array<string, mixed>
     */
    public static function moment(Screen $screen, Frame $frame): array
    {
        $locks = array_filter($screen->things(), static fn (array $thing): bool => $thing['kind'] === 'lock');

        return [
            'scene' => view('play.scene', ['screen' => $screen, 'frame' => $frame, 'turn' => null])->render(),
            'rims' => view('play.rims', ['screen' => $screen])->render(),
            'locks' => array_map(static fn (array $lock): array => self::lock($lock, $screen), $locks),
            'ended' => $screen->state->ended,
        ];
    }

    /**
     * @param  array<string, mixed>  $lock
     * @return list<string>|null the options as they stand now; null where none are picked
     */
    private static function order(array $lock): ?array
    {
        return isset($lock['input']['options']) ? array_column($lock['input']['options'], 'id') : null;
    }

    /**
     * A verdict by its name: the page has the words for it, and how many tries there were says which take their turn.
     * Only the game's own wordings are sent.
     *
     * @return array{lock: string, verdict: string, name: string, tries: int, own: list<string>, isMarked: bool}|null
     */
    private static function verdict(Turn $turn): ?array
    {
        $verdict = $turn->verdict();
        if ($verdict === null) {
            return null;
        }
        $voice = new Voice($turn->edition);
        $name = $voice->nameOf($verdict['lock'], $verdict['verdict']);

        return $verdict + [
            'name' => $name,
            'tries' => Voice::turn($verdict['verdict'], $turn->state->triesOn($verdict['lock'])),
            'own' => $turn->edition->game->voice()[$name] ?? [],
            'isMarked' => ! in_array($name, [Lock::NOTED, Lock::WAITING], true),
        ];
    }

    /** @return array<string, mixed> */
    private static function pieces(Turn $turn, Screen $after, Frame $frame): array
    {
        if ($turn->before === $turn->state) {
            return ['scene' => null, 'locks' => self::guarded($turn, $after)];
        }
        $before = $turn->before === null ? null : new Screen($turn->edition, $turn->before, $turn->now, $turn->rules);
        $changed = $before === null ? null : self::changed($before, $after);
        if ($changed === null) {
            return [
                'scene' => view('play.scene', ['screen' => $after, 'frame' => $frame, 'turn' => null])->render(),
                'locks' => [],
                'rims' => view('play.rims', ['screen' => $after])->render(),
            ];
        }
        $rims = $before->view->satchel !== $after->view->satchel || $before->view->tallies !== $after->view->tallies;

        return [
            'scene' => null,
            'things' => self::rendered('play.thing', $changed['whole'], $after, $frame),
            'drawn' => $after->isStage() ? self::rendered(
                'play.drawn', array_filter($changed['whole'], static fn (array $thing): bool => $thing['box'] !== null),
                $after, $frame,
            ) : [],
            'locks' => array_map(static fn (array $lock): array => self::lock($lock, $after), $changed['fields']),
            'rims' => $rims ? view('play.rims', ['screen' => $after])->render() : null,
        ];
    }

    /**
     * What differs between two moments of one scene; null when the scene is another or other things stand in it.
     *
     * @return array{whole: array<string, array<string, mixed>>, fields: array<string, array<string, mixed>>}|null
     */
    private static function changed(Screen $before, Screen $after): ?array
    {
        [$old, $new] = [$before->things(), $after->things()];
        $isSame =
            $before->view->scene === $after->view->scene &&
            array_keys($old) === array_keys($new) &&
            $before->view->continues === $after->view->continues &&
            $before->view->back === $after->view->back;
        if (! $isSame) {
            return null;
        }
        $changed = ['whole' => [], 'fields' => []];
        foreach ($new as $id => $thing) {
            if ($thing === $old[$id]) {
                continue;
            }
            $isInPlace =
                $thing['kind'] === 'lock' &&
                $thing['state'] !== 'open' &&
                self::atRest($thing) === self::atRest($old[$id]);
            $changed[$isInPlace ? 'fields' : 'whole'][$id] = $thing;
        }

        // A stage is drawn as one, but for what changes by itself; a lock's fields change in its panel alone.
        $isRedrawn = array_filter(
            $changed['whole'], static fn (array $thing): bool => ! in_array($thing['kind'], self::BY_ITSELF, true),
        );

        return $after->isStage() && $isRedrawn !== [] ? null : $changed;
    }

    /**
     * @param  view-string  $template
     * @param  array<string, array<string, mixed>>  $things
     * @return array<string, string> thing → HTML
     */
    private static function rendered(string $template, array $things, Screen $screen, Frame $frame): array
    {
        return array_map(
            static fn (array $thing): string => view($template, [
                'thing' => $thing, 'screen' => $screen, 'frame' => $frame, 'turn' => null,
            ])->render(),
            $things,
        );
    }

    /**
     * A lock without what the page changes in place: those fields, and the order in which the parts of an answer stand.
     *
     * @param  array<string, mixed>  $lock
     * @return array<string, mixed>
     */
    private static function atRest(array $lock): array
    {
        foreach (self::SHUFFLED as $list) {
            if (isset($lock['input'][$list])) {
                $lock['input'][$list] = array_column($lock['input'][$list], null, 'id');
                ksort($lock['input'][$list]);
            }
        }

        return array_diff_key($lock, array_fill_keys(self::IN_PLACE, null));
    }

    /** @return array<string, array<string, mixed>> the lock whose guard refused, so that its countdown can begin */
    private static function guarded(Turn $turn, Screen $after): array
    {
        $locks = array_filter(
            $after->things(),
            static fn (array $thing): bool => $thing['kind'] === 'lock' && $thing['wait'] > 0,
        );

        return array_map(static fn (array $lock): array => self::lock($lock, $after), $locks);
    }

    /**
     * @param  array<string, mixed>  $lock
     * @return array<string, mixed>
     */
    private static function lock(array $lock, Screen $screen): array
    {
        $hints = is_array($lock['hints']) ? $lock['hints'] : [];

        return ['hints' => array_map($screen->html(...), $hints), 'order' => self::order($lock)] +
            array_intersect_key($lock, array_fill_keys(self::IN_PLACE, null));
    }
}

<?php

declare(strict_types=1);

namespace App\Play;

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

    /** @return array<string, mixed> */
    public static function of(Turn $turn, Frame $frame): array
    {
        $refusal = $turn->refusal();
        $after = Screen::after($turn);

        return [
            'refusal' => $refusal === null ? null : __('play.refused.'.$refusal['reason'], $refusal['arguments']),
            'verdict' => $turn->verdict(),
            'said' => $turn->said(),
            'given' => $turn->given(),
            'ended' => $turn->state->ended,
        ] + self::pieces($turn, $after, $frame);
    }

    /** @return array<string, mixed> */
    private static function pieces(Turn $turn, Screen $after, Frame $frame): array
    {
        if ($turn->before === $turn->state) {
            return ['scene' => null, 'locks' => self::guarded($turn, $after)];
        }
        $before = $turn->before === null ? null : new Screen($turn->edition, $turn->before, $turn->now);
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
            'things' => array_map(
                static fn (array $thing): string => view('play.thing', [
                    'thing' => $thing,
                    'screen' => $after,
                    'frame' => $frame,
                    'turn' => null,
                ])->render(),
                $changed['whole'],
            ),
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
            $kept = array_fill_keys(self::IN_PLACE, null);
            $isInPlace =
                $thing['kind'] === 'lock' &&
                $thing['state'] !== 'open' &&
                array_diff_key($thing, $kept) === array_diff_key($old[$id], $kept);
            $changed[$isInPlace ? 'fields' : 'whole'][$id] = $thing;
        }

        // A stage is drawn as one; a lock's fields change in its panel alone.
        return $after->isStage() && $changed['whole'] !== [] ? null : $changed;
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

        return ['hints' => array_map($screen->html(...), $hints)] +
            array_intersect_key($lock, array_fill_keys(self::IN_PLACE, null));
    }
}

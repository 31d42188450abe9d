<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\GameDocument;
use Fravel\Thing\Things;

/**
 * A recap asks once more what somebody did not have right at first try: a lock whose only condition is
 * `{"not": {"firstTry": [question], "atLeast": 1}}`. It and its question are one question: where one of them comes to
 * ask or take something else, the other follows in the same gesture. A recap that was made to ask otherwise stays so.
 */
final class Recaps
{
    /** The command, with what follows from it for questions that are asked again. */
    public static function followed(Command $command, GameDocument $game): Command
    {
        $before = self::locks($game);
        $pairs = self::pairs($before);
        $edited = $pairs === [] ? null : $command->apply($game);
        if (! $edited instanceof Edited) {
            return $command;
        }
        $after = self::locks($edited->game);
        $sets = [];
        foreach ($pairs as [$question, $recap]) {
            if (! isset($after[$question], $after[$recap]) || Alike::sets($before[$question], $before[$recap]) !== []) {
                continue;
            }
            $isAsked = Alike::sets($before[$question], $after[$question]) !== [];
            $isRecapped = Alike::sets($before[$recap], $after[$recap]) !== [];
            if ($isAsked !== $isRecapped) {
                [$from, $to] = $isAsked ? [$question, $recap] : [$recap, $question];
                array_push($sets, ...Alike::sets($after[$from], $after[$to], $edited->game));
            }
        }
        $own = $command instanceof Together ? $command->commands : [$command];

        return $sets === [] ? $command : new Together([...$own, ...$sets]);
    }

    /**
     * @param  array<string, array<array-key, mixed>>  $locks
     * @return list<array{string, string}> each question with what asks it again
     */
    private static function pairs(array $locks): array
    {
        $pairs = [];
        foreach ($locks as $id => $lock) {
            $not = is_array($lock['if'] ?? null) && count($lock['if']) === 1 ? $lock['if']['not'] ?? null : null;
            $asked = is_array($not) ? $not['firstTry'] ?? null : null;
            if (is_array($asked) && count($asked) === 1 && is_string($asked[0] ?? null) && isset($locks[$asked[0]])) {
                $pairs[] = [$asked[0], $id];
            }
        }

        return $pairs;
    }

    /** @return array<string, array<array-key, mixed>> */
    private static function locks(GameDocument $game): array
    {
        $locks = [];
        foreach (DocumentPath::entries($game->document, 'scenes') as $scene) {
            foreach (Things::rawFlattened($scene['things'] ?? []) as $thing) {
                if (($thing['kind'] ?? null) === 'lock') {
                    $locks[(string) $thing['id']] = $thing;
                }
            }
        }

        return $locks;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Lies;

use Fravel\Rows\CardRows;
use Fravel\Rows\Cell;
use Fravel\Worksheet\Written;
use Tests\Support\Games;
use Tests\Support\RandomGames;

/** Rows for the cards of the workshop, and answers for its sheet. */
final class Cards
{
    private const OPTIONS = ['a' => 'lens', 'b' => 'rope', 'c' => '3/4'];

    /** @return array{string, list<string>} what was written, and what is not as it was meant */
    public static function draw(RandomGames $dice): array
    {
        $of = $dice->pick(['boxes', 'pairs', 'items']);
        $columns = CardRows::COLUMNS[$of];
        [$first, $last] = [$columns[0], $columns[count($columns) - 1]];
        // A first row has both: with a heading one cell would name too little, and without one it may be a name.
        $rows = array_map(static fn (int $place): array => [
            $first => $place > 1 && $dice->pick([true, false, false]) ? '' : Tables::words($dice, $place),
            $last => $place > 1 && $dice->pick([true, false, false, false]) ? '' : Tables::words($dice, $place),
        ], range(1, $dice->pick([1, 2, 7, 30])));
        $separators = $of === 'items' ? ["\t"] : ["\t", "\t", ';'];
        [$text, $cells] = Writer::table($rows, $columns, $dice, $of !== 'items', $separators);
        $read = CardRows::read($of, $text);
        $meant = array_values(array_filter($rows, static fn (array $row): bool => ($row[$last] ?? '') !== ''));
        $taken = CardRows::taken($of, $read);
        $told = $read->cells();
        $kept = array_filter($told, static fn (Cell $cell): bool => $cell->isTaken());
        $given = array_merge([], ...array_map(
            static fn (array $row): array => array_filter($row, static fn (string $cell): bool => $cell !== ''),
            array_map(array_values(...), $meant),
        ));

        return [$text, [
            ...$taken === $meant ? [] : ['taken '.json_encode($taken, JSON_UNESCAPED_UNICODE)],
            ...count($told) === $cells ? [] : [count($told)." cells told of, {$cells} given"],
            ...count($kept) === count($given) ? [] : [count($kept).' cells called taken'],
        ]];
    }

    /** @return array{string, list<string>} */
    public static function written(RandomGames $dice): array
    {
        [$locks, $cells, $shut] = [[], [], []];
        foreach (Intended::drawn($dice, 8, ['text', 'text', 'options'])->questions as $place => $asked) {
            $id = "lock{$place}";
            $isOpening = $dice->pick([true, true, false]);
            $isPicked = $asked['kind'] === 'options';
            $right = $isPicked ? $dice->pick(array_keys(self::OPTIONS)) : $asked['right'];
            $locks[] = ['ask' => $asked['ask']] + Games::lock($id, '', $isPicked ? [
                'input' => ['type' => 'options', 'options' => array_map(
                    static fn (string $key, string $md): array => ['id' => $key, 'md' => $md],
                    array_keys(self::OPTIONS), self::OPTIONS,
                )],
            ] : [], ['match' => [$isPicked ? 'options' : 'equals' => (array) $right]]);
            $answer = $isPicked
                ? self::OPTIONS[$isOpening ? $right : $dice->pick(array_values(array_diff(['a', 'b', 'c'], [$right])))]
                : Writer::answer($isOpening ? $asked : ['right' => ['quite another']] + $asked, $dice);
            $cells[] = ['lock' => $id, 'text' => $answer];
            $isOpening ?: $shut[] = $id;
        }
        $found = array_column(Written::shut(Games::of([['id' => 'a', 'things' => $locks]]), $cells), 'lock');
        $text = implode("\n", array_map(
            static fn (array $lock, array $cell): string => "{$lock['ask']}\t{$cell['text']}", $locks, $cells,
        ));

        return [$text, $found === $shut ? [] : ['shut '.implode(' ', $found)]];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\CodeForm;
use Fravel\Worksheet\Row;

/** Rooms in a row: each question of a room opens on a clue, a digit; all digits of a room open its door. */
final class Rooms implements Pattern
{
    use AccountsForRows;

    /** Questions of a room at most: its code has as many figures. */
    private const MOST = 20;

    public function name(): string
    {
        return 'rooms';
    }

    public function fields(): array
    {
        return [self::questions(), Field::line('codes')];
    }

    /** Codes are of digits, no more than there are rooms, with a figure for each question of the room at least. */
    public function faultIn(Content $content): ?string
    {
        if (preg_match('/[^\d\s,;\/|.:–—-]/u', $content->text('codes')) === 1) {
            return 'codeDigits';
        }
        $rooms = [];
        foreach ($content->questions(self::questions()) as $row) {
            $rooms[$row->room][] = $row;
        }
        if ($rooms !== [] && max(array_map(count(...), $rooms)) > self::MOST) {
            return 'roomMany';
        }
        if (count(self::codes($content)) > count($rooms)) {
            return 'codesMany';
        }
        foreach (array_values($rooms) as $place => $rows) {
            $code = self::codes($content)[$place] ?? '';
            if ($code !== '' && strlen($code) < count(array_slice($rows, 0, self::MOST))) {
                return 'codes';
            }
        }

        return null;
    }

    private static function questions(): Field
    {
        return Field::questions('questions', ['question', 'answer', 'wrong', 'room']);
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $rooms = $builder->byRoom($content->questions(self::questions()), $builder->say('room'));
        $ids = array_map(static fn (): string => $builder->id('room'), $rooms);
        $onward = [...array_slice(array_values($ids), 1), PatternBuilder::ONWARD];
        foreach (array_keys($rooms) as $place => $room) {
            $chapter = $builder->chapter((string) $room, $ids[$room]);
            $builder->scene(
                $ids[$room],
                (string) $room,
                self::room(
                    $builder,
                    (string) $room,
                    $rooms[$room],
                    $onward[$place],
                    self::codes($content)[$place] ?? '',
                ),
                ['chapter' => $chapter],
            );
        }
    }

    /**
     * @param  list<Row>  $rows
     * @param  string  $chosen  code that the teacher wants; '' for one that is drawn
     * @return list<array<string, mixed>>
     */
    private static function room(
        PatternBuilder $builder,
        string $room,
        array $rows,
        string $onward,
        string $chosen,
    ): array {
        $rows = array_slice($rows, 0, self::MOST);
        $figures = self::spread($chosen, count($rows));
        $id = $builder->id('code');
        [$code, $clues, $locks] = ['', [], []];
        foreach ($rows as $place => $row) {
            $figure = $figures[$place] ?? $builder->digit();
            $said = self::mark($id, strlen($code) + 1, strlen($figure));
            $code .= $figure;
            $clues[] = $clue = $builder->token(
                $builder->say('clue', ['number' => $place + 1, 'room' => $room, 'digit' => $said]), 'clue',
            );
            $locks[] = $builder->lock($row, [
                'say' => $builder->say('clueFound', ['number' => $place + 1, 'digit' => $said]),
                'do' => [['give' => $clue]],
            ]);
        }
        $door = $builder->code(
            $builder->say('roomCode'),
            CodeForm::of($code, ''),
            $builder->say('roomCodeWrong'),
            ['say' => $builder->say('doorOpens'), 'go' => $onward],
            $id,
        );

        return [
            ...$locks,
            [
                'label' => $builder->say('doorOf', ['room' => $room]),
                'needs' => ['hasOf' => $clues, 'atLeast' => count($clues)],
            ] + $door,
        ];
    }

    /** The signs of the door's code that a clue gives: they follow when the code is changed. */
    private static function mark(string $door, int $first, int $length): string
    {
        $last = $first + $length - 1;

        return "{=code:{$door}:{$first}".($length > 1 ? "-{$last}" : '').'}';
    }

    /** @return list<string> codes that were chosen, in the order of the rooms */
    private static function codes(Content $content): array
    {
        return preg_split('/\D+/', $content->text('codes'), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /**
     * The figures of a code over so many clues, the first ones taking what is left over.
     *
     * @return list<string>
     */
    private static function spread(string $code, int $clues): array
    {
        $parts = [];
        for ($left = $clues; $code !== '' && $left > 0; $left--) {
            $length = (int) ceil(strlen($code) / $left);
            $parts[] = substr($code, 0, $length);
            $code = substr($code, $length);
        }

        return $parts;
    }
}

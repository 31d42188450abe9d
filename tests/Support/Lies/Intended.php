<?php

declare(strict_types=1);

namespace Tests\Support\Lies;

use Tests\Support\RandomGames;

/**
 * What a teacher means, drawn before it is written: questions with their answers, words for wrong ones, odd ones first.
 *
 * @phpstan-type Asked array{ask: string, kind: string, right: list<string>, others: list<string>, wrong: string,
 *     room: string}
 */
final readonly class Intended
{
    /** Beginnings of questions; a number makes each another one. */
    private const ASKS = [
        'Which bird dives, and why', '12 eggs, 5 are gone. How many are left', 'What does “ebb” mean; in a word',
        '"Land!" cried whom', 'How wide is a 5" pipe',
        'Simplify 3a + 4a − 2a', 'كم عدد الأيام', 'Wie heißt die Straße', 'A', 'Question', 'What | who',
        'Is it 3/4, or 0.75', 'A very long question that goes on and on, since somebody had much to tell before it '
        .'came to what was to be asked of those who read it', 'O’Brien’s “lamp” & <b>wick</b>', 'Answer', 'x',
        'How many turns', 'Was kostet 5 €', 'Which sign', '*Which star', 'q',
    ];

    private const TEXTS = [
        'gannet', 'Fresnel lens', 'Fußweg', 'CO₂', 'x² + 4x', '5y − 10', 'A', 'red', 'and/or', 'über', 'l’eau',
        'half past',
        'two words', '3a', 'H₂O', 'na ja', 'Größe', 'lighthouse keeper', 'true', 'q', 'œuf', 'B', 'D', 'answer',
        'room', 'wrong',
    ];

    private const NUMBERS = [
        '7', '−7', '0.5', '1 750', '300', '4 m', '750 ml', '30 km/h', '50 %', '360°', '3/4', '12.5 ± 0.5', '0', '25 °C',
    ];

    private const CODES = ['0917', '007', '042', '0000'];

    private const SIGNS = ['♀', '♂♀', '☿', '△□', '🐙'];

    private const OPTIONS = [
        'lens', 'rope', 'bell', 'a wick', 'CO₂', '3/4', 'x²', 'red', 'green', '7 m', 'Ä', 'A', 'true',
    ];

    private const WRONG = [
        '', '', 'Think of bones', 'Port is left; look again', 'A', 'No, not yet.', '“Ph” at the start!',
    ];

    private const ROOMS = ['', '', 'Quay', 'Lamp room', 'A', 'Room', '7'];

    /** @param  list<Asked>  $questions */
    private function __construct(public array $questions)
    {
    }

    /** @param  list<string>  $kinds  of answers, of which each question has one */
    public static function drawn(RandomGames $dice, int $most, array $kinds): self
    {
        $count = $dice->pick([1, 2, 3, 4, 5, min(12, $most), $most]);
        $questions = [];
        for ($place = 1; $place <= min($count, $most); $place++) {
            $questions[] = self::question($dice, $place, $dice->pick($kinds));
        }

        return new self($questions);
    }

    /** @return Asked */
    private static function question(RandomGames $dice, int $place, string $kind): array
    {
        $ask = $dice->pick(self::ASKS)." {$place}";
        $asked = ['ask' => $dice->pick([$ask, "{$ask}?"]), 'kind' => $kind, 'others' => []] + [
            'wrong' => $dice->pick(self::WRONG), 'room' => $dice->pick(self::ROOMS),
        ];

        return match ($kind) {
            'number' => ['right' => [$dice->pick(self::NUMBERS)]] + $asked,
            'signs' => ['right' => [$dice->pick(self::SIGNS)]] + $asked,
            'code' => ['right' => [$dice->pick(self::CODES)]] + $asked,
            'length' => ['right' => ['40']] + $asked,
            'sentence' => ['right' => ['']] + $asked,
            'options' => self::options($dice) + $asked,
            'gaps' => self::gaps($dice, $place) + $asked,
            default => ['right' => self::some($dice, self::TEXTS, $dice->pick([1, 1, 1, 2, 3]))] + $asked,
        };
    }

    /** @return array{right: list<string>, others: list<string>} */
    private static function options(RandomGames $dice): array
    {
        $all = self::some($dice, self::OPTIONS, $dice->pick([2, 3, 4]));
        $right = $dice->pick([1, 1, count($all) > 2 ? 2 : 1]);

        return ['right' => array_slice($all, 0, $right), 'others' => array_slice($all, $right)];
    }

    /** @return array{ask: string, right: list<string>, others: list<string>} */
    private static function gaps(RandomGames $dice, int $place): array
    {
        $words = self::some($dice, ['lens', 'wick', 'oil', 'Fußweg', 'CO₂'], 2);
        $others = $dice->pick([[], ['rope', 'bell']]);

        return [
            'ask' => "No. {$place}: a [{$words[0]}] bends light; the [{$words[1]}] burns.",
            'right' => $words, 'others' => $others,
        ];
    }

    /**
     * @param  list<string>  $of
     * @return list<string> so many different ones
     */
    private static function some(RandomGames $dice, array $of, int $many): array
    {
        $some = [];
        while (count($some) < $many) {
            $one = $dice->pick($of);
            in_array($one, $some, true) ?: $some[] = $one;
        }

        return $some;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Fravel\Answer\Number;
use Fravel\Answer\Quantity;
use Fravel\Answer\Unit\Units;

/**
 * The fields of a lock that takes a row's answers, as a document holds them.
 *
 * @internal
 */
final readonly class LockFields
{
    /** How far from the number an answer may be where the question asks for about so much. */
    private const ABOUT = '2%';

    /** The fewest words that are taken for a sentence. */
    private const SENTENCE = 3;

    public function __construct(private string $language)
    {
    }

    /** @return array{input: array<string, mixed>, match: array<string, mixed>} */
    public function of(Row $row): array
    {
        return match ($row->kind) {
            Kind::Sentence => [
                'input' => ['type' => 'long'],
                'match' => ['length' => ['min' => self::SENTENCE, 'max' => null, 'of' => 'words']],
            ],
            Kind::Digits => $this->digits($row),
            Kind::Number => $this->number($row),
            Kind::Text => ['input' => ['type' => 'text'], 'match' => ['equals' => $row->answers]],
        };
    }

    /** @return array{input: array<string, mixed>, match: array<string, mixed>} */
    private function digits(Row $row): array
    {
        $length = strlen($row->answers[0]);
        $isCode = static fn (string $answer): bool => strlen($answer) === $length && ctype_digit($answer);
        if ($length > 20 || array_filter($row->answers, $isCode) !== $row->answers) {
            return ['input' => ['type' => 'text'], 'match' => ['equals' => $row->answers]];
        }

        return ['input' => ['type' => 'digits', 'length' => $length], 'match' => ['equals' => $row->answers]];
    }

    /** @return array{input: array<string, mixed>, match: array<string, mixed>} */
    private function number(Row $row): array
    {
        $unit = $this->unitOf($row->answers[0]);
        $matches = [];
        foreach ($row->answers as $answer) {
            $match = $this->numberMatch($answer, $unit, $row->isAbout);
            if ($match === null) {
                return ['input' => ['type' => 'text'], 'match' => ['equals' => $row->answers]];
            }
            $matches[] = $match;
        }

        return [
            'input' => ['type' => 'number'] + ($unit === null ? [] : ['unit' => $unit]),
            'match' => count($matches) === 1 ? $matches[0] : ['any' => $matches],
        ];
    }

    /** The unit as it was written, when it is one we know. */
    private function unitOf(string $answer): ?string
    {
        for ($cut = 1; $cut < mb_strlen($answer); $cut++) {
            $unit = trim(mb_substr($answer, $cut));
            if (Units::named($unit) !== null && Number::read(mb_substr($answer, 0, $cut), $this->language) !== null) {
                return $unit;
            }
        }

        return null;
    }

    /** @return array<string, mixed>|null */
    private function numberMatch(string $answer, ?string $unit, bool $isAbout): ?array
    {
        $quantity = Quantity::read($answer, $this->language);
        $in = $unit === null ? null : Units::named($unit);
        $number = $in === null ? $quantity?->number : $quantity?->in($in);
        $written = $number === null ? null : self::written($number);
        if ($written === null || ($in === null && $quantity->unit !== null)) {
            return null;
        }

        return ['number' => $written] +
            ($isAbout ? ['within' => self::ABOUT] : []) +
            ($unit === null ? [] : ['unit' => $unit]);
    }

    /** The number as JSON holds it; one that no decimal of 12 places gives exactly is left to text. */
    private static function written(BigRational $number): int|float|null
    {
        $number = $number->simplified();
        if ($number->getDenominator()->isEqualTo(1) && $number->abs()->isLessThan(PHP_INT_MAX)) {
            return $number->getNumerator()->toInt();
        }
        $decimal = $number->toScale(12, RoundingMode::HALF_UP);
        $float = $decimal->toFloat();

        return $decimal->toBigRational()->isEqualTo($number) && Number::of($float)->isEqualTo($number) ? $float : null;
    }
}

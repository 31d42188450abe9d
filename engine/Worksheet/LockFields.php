<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Closure;
use Fravel\Answer\Number;
use Fravel\Answer\Quantity;
use Fravel\Answer\Unit\Units;
use Fravel\Rows\Alternatives;
use Fravel\Rows\LeastLength;
use Random\Randomizer;

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

    public function __construct(private string $language, private Randomizer $random = new Randomizer())
    {
    }

    /**
     * @param  Closure(string): string  $id  an id that nobody has, of a stem
     * @return array{ask: string, input: array<string, mixed>, match: array<string, mixed>}
     */
    public function of(Row $row, Closure $id): array
    {
        return match ($row->kind) {
            Kind::Sentence => [
                'input' => ['type' => 'long'],
                'match' => ['length' => ['min' => self::SENTENCE, 'max' => null, 'of' => 'words']],
            ],
            Kind::Length => self::length($row),
            Kind::Options => self::options($row, $id),
            Kind::Gaps => $this->gaps($row, $id),
            Kind::Signs => $this->code(CodeForm::of($row->answers[0], $this->language), $id),
            Kind::Digits => $this->digits($row),
            Kind::Number => $this->number($row),
            Kind::Text => self::words($row),
        } + ['ask' => $row->question];
    }

    /**
     * A code as it is entered.
     *
     * @param  Closure(string): string  $id
     * @return array{input: array<string, mixed>, match: array<string, mixed>}
     */
    public function code(CodeForm $code, Closure $id): array
    {
        $whole = ['equals' => [$code->whole()]];

        return match ($code->type) {
            'keys' => $this->pad($code, $id),
            'text' => ['input' => ['type' => 'text'], 'match' => $whole],
            default => ['input' => ['type' => $code->type, 'length' => count($code->signs)], 'match' => $whole],
        };
    }

    /**
     * A pad of signs in an order that tells nothing, and the code on it.
     *
     * @param  Closure(string): string  $id
     * @return array{input: array<string, mixed>, match: array<string, mixed>}
     */
    private function pad(CodeForm $code, Closure $id): array
    {
        $keys = [];
        foreach ($this->random->shuffleArray($code->pad()) as $sign) {
            $keys[$sign] = ['id' => $id('key'), 'md' => $sign];
        }

        return [
            'input' => [
                'type' => 'keys', 'keys' => array_values($keys), 'length' => count($code->signs), 'columns' => 3,
            ],
            'match' => ['order' => array_map(static fn (string $sign): string => $keys[$sign]['id'], $code->signs)],
        ];
    }

    /** @return array{input: array<string, mixed>, match: array<string, mixed>} */
    private static function words(Row $row): array
    {
        return ['input' => ['type' => 'text'], 'match' => ['equals' => $row->answers]];
    }

    /** @return array{input: array<string, mixed>, match: array<string, mixed>} */
    private static function length(Row $row): array
    {
        $length = LeastLength::in($row->answers[0])?->toArray();

        return $length === null
            ? self::words($row)
            : ['input' => ['type' => 'long', 'count' => $length], 'match' => ['length' => $length]];
    }

    /**
     * @param  Closure(string): string  $id
     * @return array{input: array<string, mixed>, match: array<string, mixed>}
     */
    private static function options(Row $row, Closure $id): array
    {
        [$options, $right] = [[], []];
        foreach ($row->answers as $answer) {
            $options[] = $option = ['id' => $id('option'), 'md' => ltrim($answer, '* ')];
            $right = str_starts_with($answer, '*') ? [...$right, $option['id']] : $right;
        }
        if ($right === []) {
            return self::words($row);
        }

        return [
            'input' => ['type' => 'options', 'options' => $options, 'shuffle' => true]
                + (count($right) > 1 ? ['many' => true] : []),
            'match' => ['options' => $right],
        ];
    }

    /**
     * Words in brackets are gaps; several stand apart by bars. Further answers make a bank, with the first of each gap.
     *
     * @param  Closure(string): string  $id
     * @return array{ask: string, input: array<string, mixed>, match: array<string, mixed>}
     */
    private function gaps(Row $row, Closure $id): array
    {
        [$gaps, $bank] = [[], []];
        $gap = function (array $found) use (&$gaps, &$bank, $id): string {
            $words = Alternatives::in($found[1], $this->language);
            $gap = $id('gap');
            $gaps[$gap] = ['equals' => $words === [] ? [$found[1]] : $words];
            $bank[] = $gaps[$gap]['equals'][0];

            return "{{$gap}}";
        };
        $md = (string) preg_replace_callback(Understanding::GAP, $gap, strtr($row->question, ['{' => '{{']));
        $bank = $row->answers === [] ? [] : array_values(array_unique([...$bank, ...$row->answers]));

        return ['ask' => '', 'input' => ['type' => 'gaps', 'md' => $md, 'bank' => $bank], 'match' => ['gaps' => $gaps]];
    }

    /** @return array{input: array<string, mixed>, match: array<string, mixed>} */
    private function digits(Row $row): array
    {
        $length = strlen($row->answers[0]);
        $isCode = static fn (string $answer): bool => strlen($answer) === $length && ctype_digit($answer);
        if ($length > 20 || array_filter($row->answers, $isCode) !== $row->answers) {
            return self::words($row);
        }

        return ['input' => ['type' => 'digits', 'length' => $length], 'match' => ['equals' => $row->answers]];
    }

    /** @return array{input: array<string, mixed>, match: array<string, mixed>} */
    private function number(Row $row): array
    {
        $unit = $this->unitOf(Understanding::number($row->answers[0], $this->language)[0] ?? '');
        $matches = [];
        foreach ($row->answers as $answer) {
            $match = $this->numberMatch($answer, $unit, $row->isAbout);
            if ($match === null) {
                return self::words($row);
            }
            in_array($match, $matches, true) ?: $matches[] = $match;
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
        [$number, $room] = Understanding::number($answer, $this->language) ?? ['', ''];
        $quantity = Quantity::read($number, $this->language);
        $in = $unit === null ? null : Units::named($unit);
        $exact = $in === null ? $quantity?->number : $quantity?->in($in);
        $written = $exact === null ? null : self::written($exact);
        if ($written === null || ($in === null && $quantity->unit !== null)) {
            return null;
        }

        return ['number' => $written] +
            ($room === '' ? ($isAbout ? ['within' => self::ABOUT] : []) : ['within' => self::room($room)]) +
            ($unit === null ? [] : ['unit' => $unit]);
    }

    private static function room(string $room): string|float
    {
        return str_ends_with($room, '%') ? $room : (float) $room;
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

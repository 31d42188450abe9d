<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

use Fravel\Answer\LanguageData;
use Fravel\Answer\Quantity;
use Fravel\Rows\Alternatives;
use Fravel\Rows\LeastLength;

/** What the cell of an answer was taken to mean. */
final readonly class Understanding
{
    /** Words in a question that ask for no exact number. */
    private const ABOUT = '/\b(about|roughly|approximately|nearly|around|environ|à peu '
        .'près|ungefähr|etwa|rund|circa|ca|aproximadamente|más o menos)\b/ui';

    /** A code that begins with 0 keeps it: the length of the digits that makes a code rather than a number. */
    private const CODE = '/^0\d{2,9}$/D';

    /** Rooms that a number leaves: "12.5 ± 0.5", "80 +- 2 %". */
    private const ROOM = '/^(.+?)\s*(?:±|\+\/-|\+-)\s*(\d+(?:[.,]\d+)?\s?%?)$/Du';

    /** Words in brackets, which are gaps of a text. */
    public const GAP = '/\[([^\[\]\n]+)\]/u';

    /** A question that is answered by one of two words. */
    private const TRUTH = '/^(?:true or false|right or wrong|richtig oder falsch|wahr oder falsch|vrai ou faux|'
        .'verdadero o falso)\b/iu';

    /** @param  list<string>  $answers  as they are written; options that are right have a star before them */
    private function __construct(public array $answers, public Kind $kind, public bool $isAbout)
    {
    }

    public static function of(string $cell, string $question, string $language): self
    {
        if (preg_match(self::GAP, $question) === 1) {
            return new self(Alternatives::in($cell, $language), Kind::Gaps, false);
        }
        if ($cell === '*') {
            return new self([], Kind::Sentence, false);
        }
        if (LeastLength::in($cell) !== null) {
            return new self([$cell], Kind::Length, false);
        }
        $answers = Alternatives::in($cell, $language);
        $options = self::options($answers, $question, $language);
        if ($options !== []) {
            return new self($options, Kind::Options, false);
        }
        $are = static fn (callable $is): bool => $answers !== [] && array_filter($answers, $is) === $answers;
        if ($are(static fn (string $answer): bool => preg_match(self::CODE, $answer) === 1)) {
            return new self($answers, Kind::Digits, false);
        }
        if ($are(static fn (string $answer): bool => self::number($answer, $language) !== null)) {
            return new self($answers, Kind::Number, preg_match(self::ABOUT, $question) === 1);
        }

        $isPadded = count($answers) === 1 && CodeForm::of($answers[0], $language)->type === 'keys';

        return new self($answers, $isPadded ? Kind::Signs : Kind::Text, false);
    }

    /**
     * A number with its unit, and how far from it an answer may be.
     *
     * @return array{string, string}|null as it is written, and '' or the room; null for what is no number
     */
    public static function number(string $answer, string $language): ?array
    {
        [$number, $room] = preg_match(self::ROOM, $answer, $part) === 1 ? [$part[1], $part[2]] : [$answer, ''];

        return Quantity::read($number, $language) === null ? null : [$number, strtr($room, [',' => '.'])];
    }

    /**
     * One answer a line, as the preview shows them and takes them back.
     *
     * @return list<string>
     */
    public static function lines(string $text): array
    {
        $lines = array_map(trim(...), explode("\n", $text));
        $lines = array_filter($lines, static fn (string $line): bool => $line !== '');

        return array_values(array_unique($lines));
    }

    /**
     * @param  list<string>  $answers
     * @return list<string> with a star before those that are right; none where they are no options
     */
    private static function options(array $answers, string $question, string $language): array
    {
        $starred = array_filter($answers, static fn (string $one): bool => preg_match('/^\*\s*\S/u', $one) === 1);
        if ($starred !== [] && count($answers) > 1) {
            return $answers;
        }
        $truth = LanguageData::of($language)->truth();
        $given = array_search(mb_strtolower($answers[0] ?? ''), array_map(mb_strtolower(...), $truth), true);
        if (count($answers) !== 1 || $given === false || preg_match(self::TRUTH, $question) !== 1) {
            return [];
        }

        return array_map(static fn (string $word): string => $word === $truth[$given] ? "*{$word}" : $word, $truth);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

use Fravel\Answer\Quantity;

/** What the cell of an answer was taken to mean. */
final readonly class Understanding
{
    /** Words in a question that ask for no exact number. */
    private const ABOUT = '/\b(about|roughly|approximately|nearly|around|environ|à peu '
        .'près|ungefähr|etwa|rund|circa|ca|aproximadamente|más o menos)\b/ui';

    /** A code that begins with 0 keeps it: the length of the digits that makes a code rather than a number. */
    private const CODE = '/^0\d{2,9}$/D';

    /** @param  list<string>  $answers */
    private function __construct(public array $answers, public Kind $kind, public bool $isAbout)
    {
    }

    public static function of(string $cell, string $question, string $language): self
    {
        if ($cell === '*') {
            return new self([], Kind::Sentence, false);
        }
        $answers = self::alternatives($cell);
        if (
            $answers !== [] &&
            array_filter($answers, static fn (string $answer): bool => preg_match(self::CODE, $answer) !== 1) === []
        ) {
            return new self($answers, Kind::Digits, false);
        }
        if (
            $answers !== [] &&
            array_filter($answers, static fn (string $answer): bool => Quantity::read($answer, $language) === null) ===
                []
        ) {
            return new self($answers, Kind::Number, preg_match(self::ABOUT, $question) === 1);
        }

        return new self($answers, Kind::Text, false);
    }

    /**
     * One answer a line, as the preview shows them and takes them back.
     *
     * @return list<string>
     */
    public static function lines(string $text): array
    {
        return array_values(
            array_unique(
                array_filter(
                    array_map(trim(...), explode("\n", $text)), static fn (string $line): bool => $line !== '',
                ),
            ),
        );
    }

    /**
     * Parted by bars or semicolons, or by slashes with room around them; a slash inside 3/4 or km/h parts nothing.
     *
     * @return list<string>
     */
    private static function alternatives(string $cell): array
    {
        $parts = preg_split('~\s*[|;]\s*|\s+/\s+~u', $cell);

        return self::lines(implode("\n", $parts === false ? [$cell] : str_replace("\n", ' ', $parts)));
    }
}

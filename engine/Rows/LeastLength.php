<?php

declare(strict_types=1);

namespace Fravel\Rows;

/** "at least 40 words": a text of a length, as it is asked for in a cell. */
final readonly class LeastLength
{
    private const UNITS = [
        'words' => 'words?|wörter[n]?|worte[n]?|mots?|palabras?',
        'characters' => 'characters?|letters?|zeichen|buchstaben|caractères?|lettres?|caracteres?|letras?',
    ];

    private const LEAST = 'at\s+least|no\s+less\s+than|mindestens|wenigstens|au\s+moins|al\s+menos|como\s+mínimo';

    private const MORE = 'or\s+more|oder\s+mehr|ou\s+plus|o\s+más';

    private function __construct(public int $least, public ?int $most, public string $of)
    {
    }

    /** Null where the cell asks for another thing. */
    public static function in(string $cell): ?self
    {
        foreach (self::UNITS as $of => $unit) {
            $number = '(\d{1,4})';
            if (
                preg_match('/^(?:'.self::LEAST.")\\s+{$number}\\s+(?:{$unit})[.!]?$/iu", $cell, $found) === 1
                || preg_match("/^{$number}\\s+(?:{$unit})\\s+(?:".self::MORE.')[.!]?$/iu', $cell, $found) === 1
            ) {
                return new self((int) $found[1], null, $of);
            }
            if (preg_match("/^{$number}\\s*[-–]\\s*{$number}\\s+(?:{$unit})[.!]?$/iu", $cell, $found) === 1) {
                return new self(min((int) $found[1], (int) $found[2]), max((int) $found[1], (int) $found[2]), $of);
            }
        }

        return null;
    }

    /** @return array{min: int, max: int|null, of: string} as a matcher has it */
    public function toArray(): array
    {
        return ['min' => $this->least, 'max' => $this->most, 'of' => $this->of];
    }
}

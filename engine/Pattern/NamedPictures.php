<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Rows\Table;

/** Pictures that came along with rows: a cell that says a picture's name means that picture. */
final readonly class NamedPictures
{
    private const ENDING = '\.(?:png|jpe?g|gif|webp|svg|avif)';

    /** @param  array<string, string>  $assets  name in small letters → id of the asset */
    private function __construct(private array $assets)
    {
    }

    /** @param  string  $lines  a name and the id of an asset in each, with a tab between */
    public static function read(string $lines): self
    {
        $assets = [];
        foreach (trim($lines) === '' ? [] : Table::read($lines, "\t")->rows as $row) {
            $assets[self::plain($row[0] ?? '')] = trim($row[1] ?? '');
        }
        // A file is called with its ending or without.
        foreach ($assets as $name => $asset) {
            $assets += [self::bare((string) $name) => $asset];
        }

        return new self(array_filter($assets));
    }

    /** @return array{md: string, asset?: string} what a cell puts onto a face: a picture by its name, else words */
    public function face(string $cell): array
    {
        $asset = $this->assets[self::plain($cell)] ?? $this->assets[self::bare($cell)] ?? null;

        return $asset === null ? ['md' => $cell] : ['md' => '', 'asset' => $asset];
    }

    /**
     * A question without the name of the file that stands in it, and the picture of that name; a question that is
     * nothing but a name needs no ending.
     *
     * @return array{string, string|null}
     */
    public function above(string $question): array
    {
        $whole = $this->face($question)['asset'] ?? null;
        if ($whole !== null) {
            return ['', $whole];
        }
        $plain = trim((string) preg_replace('/\s+/u', ' ', $question));
        foreach ($this->assets as $name => $asset) {
            $named = '~(?<![\p{L}\p{N}_-])'.preg_quote((string) $name, '~').self::ENDING.'(?![\p{L}\p{N}])~iu';
            if (preg_match($named, $plain, $found) === 1) {
                $words = str_replace($found[0], ' ', $plain);

                return [trim((string) preg_replace('/\s+/u', ' ', $words), " \t:–—-"), $asset];
            }
        }

        return [$question, null];
    }

    /** The name of a file without its ending. */
    private static function bare(string $name): string
    {
        return (string) preg_replace('~'.self::ENDING.'$~D', '', self::plain($name));
    }

    private static function plain(string $name): string
    {
        return mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $name)));
    }
}

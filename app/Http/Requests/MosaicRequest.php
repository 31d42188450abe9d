<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Fravel\Mosaic\Sharing;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A picture to be reduced to cells, and how its locks share them. */
final class MosaicRequest extends FormRequest
{
    private const MOST_COLUMNS = 80;

    private const MOST_ROWS = 60;

    private const MOST_COLOURS = 32;

    private const MOST_LOCKS = 60;

    /** As the game document has it. */
    private const MOST_SHARE = 1000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['image' => ['required', 'file', 'max:16384']];
    }

    public function picture(): string
    {
        $file = $this->file('image');

        return $file instanceof UploadedFile ? (string) file_get_contents($file->getPathname()) : '';
    }

    public function columns(): int
    {
        return max(2, min(self::MOST_COLUMNS, $this->integer('columns')));
    }

    public function rowsOfCells(): int
    {
        return max(2, min(self::MOST_ROWS, $this->integer('rows')));
    }

    public function colours(): int
    {
        return max(2, min(self::MOST_COLOURS, $this->integer('colours')));
    }

    /** @return list<int> weight of each lock */
    public function shares(): array
    {
        $shares = array_slice((array) $this->input('shares', []), 0, self::MOST_LOCKS);
        $weight = static fn (mixed $share): int => max(
            1, min(self::MOST_SHARE, (int) (is_scalar($share) ? $share : 1)),
        );

        return array_values(array_map($weight, $shares));
    }

    public function spread(): string
    {
        $way = $this->input('spread');

        return is_string($way) && in_array($way, Sharing::WAYS, true) ? $way : Sharing::WAYS[0];
    }

    /** Signs of locks, drawn by hand. */
    public function drawn(): string
    {
        $drawn = $this->input('drawn');

        return is_string($drawn) ? substr($drawn, 0, self::MOST_COLUMNS * self::MOST_ROWS) : '';
    }

    public function seed(): int
    {
        return max(0, $this->integer('seed'));
    }
}

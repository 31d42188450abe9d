<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Storage\GameFiles;
use ErrorException;

/** A picture ready to be kept. */
final readonly class Taken
{
    /** @param  list<string>  $shades  what light falls on each part of it, as an asset says it; none if unknown */
    public function __construct(
        public string $bytes,
        public string $extension,
        public string $type,
        public int $width,
        public int $height,
        public string $alt = '',
        public string $credit = '',
        public string $licence = '',
        public array $shades = [],
    ) {
    }

    /** @param  list<string>  $shades */
    public static function drawing(
        string $svg,
        string $alt = '',
        string $credit = '',
        string $licence = '',
        array $shades = [],
    ): self {
        preg_match('/viewBox="[\d.\-]+[ ,]+[\d.\-]+[ ,]+([\d.]+)[ ,]+([\d.]+)"/', $svg, $box);

        return new self(
            $svg,
            'svg',
            'image/svg+xml',
            (int) ($box[1] ?? 300),
            (int) ($box[2] ?? 300),
            $alt,
            $credit,
            $licence,
            $shades,
        );
    }

    /**
     * Keeps the file and gives the fields of the asset, with the picture's size beside them.
     *
     * @return array{asset: array{file: string, type: string, alt: string, credit: string, licence: string,
     *     shades?: list<string>}, width: int, height: int}
     *
     * @throws UnableToTakePicture If there is no room for it.
     */
    public function kept(): array
    {
        try {
            $file = GameFiles::keep($this->bytes, $this->extension);
        } catch (ErrorException) {
            throw UnableToTakePicture::noRoom();
        }

        return [
            'asset' => [
                'file' => $file,
                'type' => $this->type,
                'alt' => $this->alt,
                'credit' => $this->credit,
                'licence' => $this->licence,
                ...($this->shades === [] ? [] : ['shades' => $this->shades]),
            ],
            'width' => $this->width,
            'height' => $this->height,
        ];
    }
}

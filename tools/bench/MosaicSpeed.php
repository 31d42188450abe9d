<?php

declare(strict_types=1);

namespace Tools\Bench;

use App\Pictures\Grid;
use Fravel\Mosaic\Reduction;
use Fravel\Mosaic\Secrecy;
use Fravel\Mosaic\Sharing;

/** How long a photograph takes to become a hidden picture, from its bytes to the order of its locks. */
final class MosaicSpeed
{
    /** @return list<string> lines of a table */
    public static function report(): array
    {
        $photograph = self::photograph();

        return [self::line($photograph, 32, 24, 10, 12), self::line($photograph, 80, 60, 24, 40)];
    }

    private static function line(string $photograph, int $columns, int $rows, int $colours, int $locks): string
    {
        $shares = [1, ...array_fill(0, $locks - 1, 1)];
        $begun = hrtime(true);
        $reduced = Reduction::of(Grid::of($photograph, $columns, $rows), $colours);
        $owners = Sharing::of($reduced->cells, $shares, 'scattered', 1);
        Secrecy::of($reduced->palette, $reduced->cells, $columns, $owners, $locks)->order();
        $name = "12 megapixels to {$columns} × {$rows} cells of {$colours} colours, {$locks} locks";

        return sprintf('%-59s %10.1f ms', $name, (hrtime(true) - $begun) / 1e6);
    }

    /** Discs of all colours and sizes, the same each time; as a JPEG. */
    private static function photograph(): string
    {
        mt_srand(1709);
        $image = imagecreatetruecolor(4000, 3000);
        for ($disc = 0; $disc < 4000; $disc++) {
            $size = mt_rand(5, 600);
            imagefilledellipse(
                $image, mt_rand(0, 4000), mt_rand(0, 3000), $size, $size, mt_rand(0, 0xFFFFFF),
            );
        }
        ob_start();
        imagejpeg($image, null, 88);

        return (string) ob_get_clean();
    }
}

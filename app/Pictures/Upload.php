<?php

declare(strict_types=1);

namespace App\Pictures;

use Illuminate\Http\UploadedFile;
use Intervention\Image\ImageManager;
use Throwable;

/**
 * A picture somebody brought: turned upright, no larger than a screen needs, and written anew without what it says of
 * its maker.
 */
final class Upload
{
    private const MOST_MEGAPIXELS = 50;

    /** Longest side in pixels that is kept. */
    private const LONGEST = 2400;

    /** @throws UnableToTakePicture If it is none, or too large to be read. */
    public static function taken(UploadedFile $file): Taken
    {
        return self::ofBytes((string) file_get_contents($file->getPathname()));
    }

    /** @throws UnableToTakePicture If they are no picture, or too large to be read. */
    public static function ofBytes(string $bytes): Taken
    {
        if ($bytes === '') {
            throw UnableToTakePicture::empty();
        }
        if (preg_match('/^\s*(?:<\?xml|<!--|<!DOCTYPE svg|<svg)/i', substr($bytes, 0, 400)) === 1) {
            return Taken::drawing(Drawing::cleaned($bytes));
        }
        [$width, $height] = @getimagesizefromstring($bytes) ?: throw UnableToTakePicture::unreadable();
        $megapixels = (int) ceil(($width * $height) / 1_000_000);
        if ($megapixels > self::MOST_MEGAPIXELS) {
            throw UnableToTakePicture::large($megapixels, self::MOST_MEGAPIXELS);
        }
        // A photograph of fifty megapixels takes four bytes for each while it is read.
        ini_set('memory_limit', '768M');

        return self::written($bytes);
    }

    private static function written(string $bytes): Taken
    {
        try {
            $image = ImageManager::gd()->read($bytes)->scaleDown(self::LONGEST, self::LONGEST);
            $encoded = $image->toWebp(86, true);

            return new Taken(
                (string) $encoded,
                'webp',
                'image/webp',
                $image->width(),
                $image->height(),
                shades: Shades::of($image),
            );
        } catch (Throwable) {
            throw UnableToTakePicture::unreadable();
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use App\Pictures\Collection;
use App\Pictures\Taken;
use App\Pictures\UnableToTakePicture;
use App\Pictures\Upload;
use App\View\MadeSetting;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/**
 * A picture for a game: brought along, made, or of the collection. Why one can't be taken is said in words of its own.
 */
final class PictureRequest extends FormRequest
{
    /** To whom pictures are owed that are made here. */
    private const MAKER = 'Fravel';

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws UnableToTakePicture If it is none. */
    public function taken(): Taken
    {
        $file = $this->file('file');
        if ($file instanceof UploadedFile) {
            return $file->isValid() ? Upload::taken($file) : throw UnableToTakePicture::ofUpload($file->getError());
        }
        [$kind, $tone] = [Field::text($this, 'setting'), Field::text($this, 'tone')];
        if (MadeSetting::isKnown($kind, $tone)) {
            $alt = (string) __("workshop.settings.{$kind}");

            return Taken::drawing(
                MadeSetting::svg($kind, $tone), $alt, self::MAKER, 'CC0-1.0', MadeSetting::shades($kind, $tone),
            );
        }

        return Collection::picture(Field::text($this, 'collection')) ?? throw UnableToTakePicture::unreadable();
    }
}

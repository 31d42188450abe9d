<?php

declare(strict_types=1);

namespace App\Storage;

use App\Models\Edition;
use App\Play\CompiledEdition;
use App\Play\Markdown;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * An edition as a PHP file under its content hash, written once, so that opcache holds it and a student's action decodes
 * nothing. The database stays the truth: a file that is missing is written again from it.
 */
final class EditionFile
{
    /** @throws RuntimeException If no edition of that hash was ever frozen. */
    public static function read(string $hash): CompiledEdition
    {
        $path = self::path($hash);
        if (! is_file($path)) {
            $document = DB::table('editions')->where('hash', $hash)->value('document');
            is_string($document) ? self::write($hash, $document) : throw new RuntimeException("There is no edition {$hash}.");
        }

        return new CompiledEdition(...require $path);
    }

    public static function of(Edition $edition): CompiledEdition
    {
        return self::read($edition->hash);
    }

    public static function write(string $hash, string $json): void
    {
        $document = self::plain(Json::readObject($json));
        $content = ['document' => $document, 'html' => Markdown::ofAll($document)];
        $path = self::path($hash);
        if (! is_dir(dirname($path))) {
            mkdir(dirname($path), 0o755, true);
        }
        $temporary = $path.'.'.bin2hex(random_bytes(6));
        file_put_contents($temporary, '<?php return '.var_export($content, true).";\n");
        rename($temporary, $path);
    }

    private static function path(string $hash): string
    {
        return config()->string('fravel.editions').'/'.$hash.'.php';
    }

    /** Objects that stayed objects on reading become arrays: an edition is only read, and opcache keeps plain arrays. */
    private static function plain(mixed $value): mixed
    {
        return is_array($value) || is_object($value) ? array_map(self::plain(...), (array) $value) : $value;
    }
}

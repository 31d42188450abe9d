<?php

declare(strict_types=1);

namespace App\Storage;

use App\Models\Edition;
use App\Play\CompiledEdition;
use App\Play\Markdown;
use App\Play\Rooms;
use Fravel\Document\GameDocument;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;
use ParseError;
use RuntimeException;

/**
 * An edition as a PHP file under its content hash, written once, so that opcache holds it and a student's action
 * decodes nothing. The database stays the truth: a file that is missing or damaged is written again from it.
 */
final class EditionFile
{
    /** @throws RuntimeException If no edition of that hash was ever frozen. */
    public static function read(string $hash): CompiledEdition
    {
        $path = self::path($hash);

        return new CompiledEdition(...self::content($path) ?? self::healed($path, $hash));
    }

    /**
     * @return array{document: array<array-key, mixed>, html: array<string, string>}|null null when the file is not
     *     there or not whole
     */
    private static function content(string $path): ?array
    {
        if (! is_file($path)) {
            return null;
        }
        ob_start();
        try {
            $content = require $path;
        } catch (ParseError) {
            return null;
        } finally {
            // What is no PHP any more would be sent to the student as it is.
            ob_end_clean();
        }

        /** @var array{document: array<array-key, mixed>, html: array<string, string>}|null */
        return is_array($content) && is_array($content['document'] ?? null) && is_array($content['html'] ?? null)
            ? $content
            : null;
    }

    /** @return array{document: array<array-key, mixed>, html: array<string, string>} */
    private static function healed(string $path, string $hash): array
    {
        $document = DB::table('editions')->where('hash', $hash)->value('document');
        is_string($document)
            ? self::write($hash, $document)
            : throw new RuntimeException("There is no edition {$hash}.");

        return self::content($path) ?? throw new RuntimeException("The edition {$hash} could not be written.");
    }

    public static function of(Edition $edition): CompiledEdition
    {
        return self::read($edition->hash);
    }

    public static function write(string $hash, string $json): void
    {
        $document = self::plain(Json::readObject($json));
        $content = [
            'document' => $document,
            'html' => Markdown::ofAll($document),
            'rooms' => get_object_vars(Rooms::in(GameDocument::of($document))),
        ];
        $path = self::path($hash);
        WholeFile::write($path, '<?php return '.var_export($content, true).";\n");
        function_exists('opcache_invalidate') && opcache_invalidate($path, true);
    }

    private static function path(string $hash): string
    {
        return config()->string('fravel.editions').'/'.$hash.'.php';
    }

    /**
     * Objects that stayed objects on reading become arrays: an edition is only read, and opcache keeps plain arrays.
     */
    private static function plain(mixed $value): mixed
    {
        return is_array($value) || is_object($value) ? array_map(self::plain(...), (array) $value) : $value;
    }
}

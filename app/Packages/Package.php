<?php

declare(strict_types=1);

namespace App\Packages;

use App\Models\Game;
use App\Storage\GameFiles;
use Fravel\Document\Asset;
use Fravel\Support\Json;
use RuntimeException;
use ZipArchive;

/** A game as one file to take away: `game.json` and its pictures in a ZIP (docs/format). */
final class Package
{
    public const DOCUMENT = 'game.json';

    /** Writes it to a new file of its own; the caller removes it. */
    public static function write(Game $game): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'fravel-package-');
        $archive = new ZipArchive;
        if ($archive->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The package could not be begun.');
        }
        $archive->addFromString(self::DOCUMENT, Json::write(self::document($game), pretty: true));
        $files = array_map(static fn (Asset $asset): string => $asset->file, $game->read()->assets());
        foreach (GameFiles::among(array_values(array_unique($files))) as $file) {
            $archive->addFile(GameFiles::path(basename($file)), 'assets/'.basename($file));
            // Pictures are packed already.
            $archive->setCompressionName('assets/'.basename($file), ZipArchive::CM_STORE);
        }
        if (! $archive->close()) {
            throw new RuntimeException('The package could not be written.');
        }

        return $path;
    }

    /** @return array<array-key, mixed> the game, whose assets name their files as they lie in the package */
    private static function document(Game $game): array
    {
        $document = Json::readObject($game->document);
        foreach (is_array($document['assets'] ?? null) ? $document['assets'] : [] as $place => $asset) {
            $file = is_array($asset) ? $asset['file'] ?? null : null;
            if (is_string($file) && GameFiles::among([$file]) !== []) {
                $document['assets'][$place]['file'] = 'assets/'.basename($file);
            }
        }

        return $document;
    }

    /** The name of the file: the title as far as every system takes it. */
    public static function nameOf(Game $game): string
    {
        $plain = trim((string) preg_replace('/[^\p{L}\p{N}]+/u', '-', $game->title), '-');

        return mb_substr($plain === '' ? 'game' : $plain, 0, 80).'.fravel';
    }
}

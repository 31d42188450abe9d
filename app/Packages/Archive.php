<?php

declare(strict_types=1);

namespace App\Packages;

use Fravel\Exception\UnableToReadJson;
use Fravel\Support\Json;
use ZipArchive;

/**
 * What somebody brought as a package: a ZIP with a document and files, or a document alone. Nothing is unpacked to
 * disk.
 */
final class Archive
{
    /** Bytes of the document, and of a file, at most; what is larger is not read to its end. */
    private const LARGEST_DOCUMENT = 8_000_000;

    private const LARGEST_FILE = 30_000_000;

    /** Bytes that are unpacked of one package at most: more than the pictures of a game may take. */
    private int $left = 150_000_000;

    private function __construct(private readonly ?ZipArchive $zip, private readonly string $text)
    {
    }

    /** @throws UnableToReadPackage If there is no document in it. */
    public static function open(string $path): self
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) === true) {
            $text = self::read($zip, Package::DOCUMENT, self::LARGEST_DOCUMENT);

            return new self($zip, $text ?? throw UnableToReadPackage::because('no_document'));
        }
        $text = (string) file_get_contents($path, length: self::LARGEST_DOCUMENT + 1);
        if (strlen($text) > self::LARGEST_DOCUMENT || ! str_starts_with(ltrim($text, "\u{FEFF} \t\r\n"), '{')) {
            throw UnableToReadPackage::because('no_package');
        }

        return new self(null, $text);
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws UnableToReadPackage If it is no JSON.
     */
    public function document(): array
    {
        try {
            return Json::readObject(preg_replace('/^\x{FEFF}/u', '', $this->text) ?? $this->text);
        } catch (UnableToReadJson) {
            throw UnableToReadPackage::because('broken_document');
        }
    }

    /** The bytes of a file in it; null where it is not there, or too large. */
    public function file(string $name): ?string
    {
        $most = min(self::LARGEST_FILE, $this->left);
        $bytes = $this->zip === null || $most <= 0 ? null : self::read($this->zip, $name, $most);
        $this->left -= strlen($bytes ?? '');

        return $bytes;
    }

    private static function read(ZipArchive $zip, string $name, int $most): ?string
    {
        $stream = $zip->getStream($name);
        if ($stream === false) {
            return null;
        }
        // The size that a ZIP tells of itself is only said: read one more than may be.
        $bytes = (string) stream_get_contents($stream, $most + 1);
        fclose($stream);

        return strlen($bytes) > $most ? null : $bytes;
    }
}

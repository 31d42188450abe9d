<?php

declare(strict_types=1);

namespace Cli;

use Fravel\Document\Validation;

/** A game file whose shape is sound, so that it can be played. */
final class ValidFile
{
    /**
     * @return array<array-key, mixed>
     *
     * @throws UnableToReadFile If it can't be read or its shape is not that of a game.
     */
    public static function read(string $path): array
    {
        $document = GameFile::read($path);
        $problem = Validation::ofShape($document)[0] ?? null;
        if ($problem !== null) {
            throw new UnableToReadFile(
                "{$path} is no sound game document. {$problem->place}: ".
                    Words::of('problems', $problem->code, $problem->arguments),
            );
        }

        return $document;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Document\GameDocument;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;

/** What PatternTest is about: games, and ways to ask. */
final class PatternCases
{
    /** @return array<string, mixed> the words of patterns */
    public static function patternWords(string $part): array
    {
        $file = $part === 'words' ? 'made' : 'patterns';

        return (require dirname(__DIR__, 3)."/lang/en/{$file}.php")[$part === 'words' ? 'pattern' : $part];
    }

    /** @param  array<string, string>  $given */
    public static function builtAlone(
        string $pattern, array $given, TeacherDefaults $usual = new TeacherDefaults,
    ): ?GameDocument {
        $document = Build::alone(
            Patterns::named($pattern) ?? throw new LogicException($pattern), new Content($given, 'en'),
            self::patternWords('words'), $usual,
        );

        return $document === null ? null : GameDocument::of($document);
    }

    /** @return list<string> ids of the things of a kind, in order */
    public static function idsOfKind(GameDocument $game, string $kind): array
    {
        $things = array_merge(...array_column($game->document['scenes'], 'things'));

        return array_column(array_filter($things, fn (array $thing): bool => $thing['kind'] === $kind), 'id');
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Edit;

/** The smallest game there is to begin with: one scene. */
final class Blank
{
    /** Its one scene, and what stands there. */
    public const SCENE = 'first-scene';

    private const TEXT = 'first-text';

    /**
     * @param  array{scene: string, hello: string}  $words
     * @return array<string, mixed> a document
     */
    public static function game(string $title, array $words, string $language = 'en'): array
    {
        return [
            'fravel' => 1,
            'title' => $title,
            'language' => $language,
            'start' => self::SCENE,
            'about' => ['summary' => ''],
            'chapters' => [],
            'tokens' => [],
            'tallies' => [],
            'assets' => [],
            'scenes' => [
                [
                    'id' => self::SCENE,
                    'title' => $words['scene'],
                    'layout' => 'page',
                    'waits' => true,
                    'things' => [['id' => self::TEXT, 'kind' => 'text', 'md' => $words['hello']]],
                ],
            ],
        ];
    }

    /**
     * Whether a game holds no more than it began with; the title and the words of its scene may be others.
     *
     * @param  array<array-key, mixed>  $document
     */
    public static function isUntouched(array $document): bool
    {
        $scenes = DocumentPath::entries($document, 'scenes');
        $scene = $scenes[0] ?? [];

        return count($scenes) === 1 &&
            ($scene['id'] ?? null) === self::SCENE &&
            array_column(DocumentPath::entries($scene, 'things'), 'id') === [self::TEXT] &&
            ($scene['next'] ?? []) === [] &&
            ! isset($scene['ending']);
    }
}

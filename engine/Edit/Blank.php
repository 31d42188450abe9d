<?php

declare(strict_types=1);

namespace Fravel\Edit;

/** The smallest game there is to begin with: one scene. */
final class Blank
{
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
            'start' => 'first-scene',
            'about' => ['summary' => ''],
            'chapters' => [],
            'tokens' => [],
            'tallies' => [],
            'assets' => [],
            'scenes' => [[
                'id' => 'first-scene',
                'title' => $words['scene'],
                'layout' => 'page',
                'things' => [['id' => 'first-text', 'kind' => 'text', 'md' => $words['hello']]],
            ]],
        ];
    }
}

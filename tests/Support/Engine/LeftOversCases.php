<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Check\Check;
use Fravel\Document\GameDocument;

/** What LeftOversTest is about: games, and ways to ask. */
final class LeftOversCases
{
    /**
     * What is found of things in a scene that another follows.
     *
     * @param  list<array<string, mixed>>  $things
     * @param  list<string>  $samples
     * @return list<string> codes of findings about what was begun and left
     */
    public static function leftIn(array $things, array $samples = [], array $scene = []): array
    {
        $game = GameDocument::of(['fravel' => 1, 'title' => '', 'language' => 'en', 'start' => 'a', 'tokens' => [[
            'id' => 'key', 'name' => 'Key', 'kind' => 'item',
        ]], 'scenes' => [
            $scene + [
                'id' => 'a', 'title' => 'A', 'layout' => 'page', 'things' => $things, 'next' => [['go' => 'end']],
            ],
            [
                'id' => 'end', 'title' => 'End', 'layout' => 'page', 'things' => [],
                'ending' => ['kind' => 'won', 'md' => ''],
            ],
        ]]);
        $codes = array_map(fn ($finding): string => $finding->code, Check::of($game, 1000, null, $samples)->findings);

        return array_values(array_intersect($codes, ['scene.empty', 'route.open', 'text.sample']));
    }

    /** @return array<string, mixed> */
    public static function leftLock(array $rule, array $more = []): array
    {
        return $more + [
            'id' => 'lock', 'kind' => 'lock', 'ask' => 'Who?', 'input' => ['type' => 'text'],
            'rules' => [$rule + ['match' => ['equals' => ['gull']], 'verdict' => 'open']],
            'otherwise' => [['say' => 'No.']],
        ];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Tests\Support\Games;

/** What WayTest is about: games, and ways to ask. */
final class WayCases
{
    /**
     * What becomes of a scene when a question is built behind it: where it leads, and where the question leads.
     *
     * @param  array<string, mixed>  $scene
     * @return array{next: mixed, react: mixed, question: array<string, mixed>, onward: string}
     */
    public static function builtBehind(array $scene): array
    {
        $game = Games::of(
            [$scene + ['id' => 'here'], ['id' => 'there', 'ending' => ['kind' => 'won', 'md' => '']]],
            ['chapters' => [['id' => 'c', 'title' => 'C', 'start' => 'here']]],
        );
        $built = Build::into(
            $game, Patterns::named('treasure'), new Content(['questions' => "Who?\tgull", 'inside' => 'A lens.'], 'en'),
            (require dirname(__DIR__, 3).'/lang/en/made.php')['pattern'], new TeacherDefaults, 'here',
        )?->apply($game)->game->document['scenes'];
        $choice = array_values(
            array_filter($built[1]['things'], fn (array $thing): bool => $thing['kind'] === 'choice'),
        )[0];

        $named = fn (mixed $reactions): mixed => json_decode(
            str_replace($built[1]['id'], 'box', (string) json_encode($reactions)), true,
        );

        return [
            'next' => $named($built[0]['next'] ?? null), 'react' => $named($built[0]['things'][0]['react'] ?? null),
            'question' => $built[1], 'onward' => $choice['react'][0]['go'],
        ];
    }
}

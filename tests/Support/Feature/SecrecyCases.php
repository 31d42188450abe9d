<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use App\Models\Game;
use Fravel\Document\GameDocument;
use Fravel\Document\Scene;
use Fravel\Thing\Lock;

/** What SecrecyTest is about: games, and ways to ask. */
final class SecrecyCases
{
    /**
     * Words of the game that a student must not have yet, with where they stand.
     *
     * @param  list<string>  $reached  scenes
     * @param  array<string, int>  $hinted  lock → hints asked for
     * @return array<string, string>
     */
    public static function secrets(GameDocument $game, array $reached, array $hinted): array
    {
        $secrets = [];
        foreach ($game->scenes() as $scene) {
            if (! in_array($scene->id, $reached, true)) {
                $secrets += self::textsOf($scene);
            }
            foreach ($scene->things as $thing) {
                if ($thing instanceof Lock) {
                    foreach (array_slice($thing->hints, $hinted[$thing->id] ?? 0) as $hint) {
                        $secrets[$hint->md] = "hint of {$thing->id}";
                    }
                }
            }
        }

        return $secrets;
    }

    /** @return array<string, string> */
    public static function textsOf(Scene $scene): array
    {
        $texts = [];
        foreach ($scene->things as $thing) {
            foreach (['md', 'ask'] as $field) {
                if (
                    is_string(
                        $thing->{$field} ?? null,
                    ) && ! str_contains($thing->{$field}, '*') && $thing->{$field} !== ''
                ) {
                    $texts[strtok($thing->{$field}, "\n")] = "{$field} of {$thing->id}";
                }
            }
        }

        return $texts;
    }

    /**
     * Accepted answers of the present scene's shut locks that stand nowhere in what the student may read.
     *
     * @param  list<string>  $open
     * @return list<string>
     */
    public static function secretAnswers(GameDocument $game, string $sceneId, array $open): array
    {
        $answers = [];
        foreach ($game->scene($sceneId)->things as $thing) {
            if ($thing instanceof Lock && ! in_array($thing->id, $open, true)) {
                foreach ($thing->rules as $rule) {
                    array_push($answers, ...($rule->match->texts ?? []));
                }
            }
        }

        return array_values(
            array_filter(
                $answers,
                static fn (string $answer): bool => strlen($answer) > 3 && ! in_array(
                    $answer, ['0917', '2142', '0302'], true,
                ),
            ),
        );
    }

    /** The scripts and styles that are shipped, and the drawn backdrops, name no answer. */
    public static function assetsHoldNone(GameDocument $game): void
    {
        $shipped = implode(
            '',
            array_map(
                file_get_contents(...),
                [
                    ...glob(public_path('build/assets/*.{js,css}'), GLOB_BRACE) ?: [],
                    ...glob(database_path('demo/dark-lamp/assets/*.svg')) ?: [],
                ],
            ),
        );
        expect(strlen($shipped))->toBeGreaterThan(10_000);
        foreach (['spring tide', 'refraction', '0917', 'lens-gather', 'side-star'] as $answer) {
            expect(str_contains($shipped, $answer))->toBeFalse("{$answer} stands in what is shipped");
        }
    }
}

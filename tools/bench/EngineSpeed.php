<?php

declare(strict_types=1);

namespace Tools\Bench;

use Fravel\Check\Check;
use Fravel\Check\CheckMemo;
use Fravel\Check\Search\Exploration;
use Fravel\Check\Search\Space;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Edit\Commands;
use Fravel\Edit\Edited;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Fravel\Support\Json;

/**
 * How fast the engine plays and checks, as figures of this machine and as ratios that compare across machines: to a
 * million turns of an empty loop of PHP, or to reading the same document.
 */
final class EngineSpeed
{
    private const ROUNDS = 3;

    private const ACTIONS = 400;

    /** @return list<string> lines of a table */
    public static function report(string $root): array
    {
        $loop = self::fastest(static function (): void {
            for ($turn = 0; $turn < 1_000_000; $turn++) {
            }
        });

        return [
            sprintf('%-58s %10.1f ms', 'a million turns of an empty loop', 1000 * $loop),
            self::actions(
                Json::readObject((string) file_get_contents("{$root}/database/demo/dark-lamp/game.json")),
                $loop,
            ),
            self::check('check of 1,000 scenes and 3,000 things', LargeGames::ladder(1000), $loop),
            self::check('check of 300 scenes', LargeGames::ladder(300), $loop),
            self::check('check of a hub of 40 topics in any order', LargeGames::hub(40), $loop),
            self::afterEdits(300, $loop),
            self::afterEdits(1000, $loop),
            self::states(LargeGames::hub(12), $loop),
        ];
    }

    /** @param  array<array-key, mixed>  $document */
    private static function actions(array $document, float $loop): string
    {
        $game = GameDocument::of($document);
        $walk = self::walk($game);
        $seconds =
            self::fastest(static function () use ($game, $walk): void {
                foreach ($walk as [$state, $action]) {
                    Playing::act($game, $state, $action, 60);
                }
            }) / count($walk);

        return sprintf(
            '%-58s %10.0f a second, %.4f loops each',
            'actions on the demo game',
            1 / $seconds,
            $seconds / $loop,
        );
    }

    /**
     * States along ways through the game, each with an action that is possible there.
     *
     * @return list<array{PlayState, Action}>
     */
    private static function walk(GameDocument $game): array
    {
        $space = new Space($game);
        $walk = [];
        $state = Playing::start($game, 1, 0)->state;
        for ($turn = 1; count($walk) < self::ACTIONS; $turn++) {
            $moves = $state->ended === null ? $space->moves($space->codec->pack($state, 0)) : [];
            $action = $moves === [] ? null : Action::of($moves[($turn * 7) % count($moves)][0]->action);
            $outcome = $action === null ? Playing::start($game, $turn, 0) : Playing::act($game, $state, $action, 0);
            if ($action !== null) {
                $walk[] = [$state, $action];
            }
            $state = $outcome->state;
        }

        return $walk;
    }

    /** @param  array<array-key, mixed>  $document */
    private static function check(string $name, array $document, float $loop): string
    {
        $json = Json::write($document);
        $reading = self::fastest(static fn (): array => Validation::ofShape(Json::readObject($json)));
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $verdicts = Check::of(GameDocument::of($document));
        $memory = (memory_get_peak_usage() - $before) / 1_000_000;
        $seconds = self::fastest(static fn (): mixed => Check::of(GameDocument::of($document)));

        return sprintf(
            '%-58s %10.0f ms, %.1f loops, %.1f × reading it, %.0f MB on top, %s, %d states',
            $name,
            1000 * $seconds,
            $seconds / $loop,
            $seconds / $reading,
            $memory,
            $verdicts->isProved ? 'proved' : 'not proved',
            $verdicts->facts['states'],
        );
    }

    /** Of words, and of where a choice leads; what was found out before is kept. */
    private static function afterEdits(int $scenes, float $loop): string
    {
        $game = GameDocument::of(LargeGames::ladder($scenes));
        $memo = new CheckMemo();
        Check::of($game, memo: $memo);
        $times = [];
        foreach (
            [
                'words' => static fn (int $turn): array => [
                    'set' => "l{$turn}",
                    'field' => 'ask',
                    'to' => "Other words {$turn}?",
                ],
                'a way' => static fn (int $turn): array => [
                    'set' => "b{$turn}",
                    'field' => 'react',
                    'to' => [['go' => 's'.($turn - 2)]],
                ],
            ] as $of => $edit
        ) {
            for ($turn = 20; $turn < 20 + 2 * self::ROUNDS; $turn += 2) {
                $edited = Commands::read($edit($turn), $game)?->apply($game);
                $game = $edited instanceof Edited ? $edited->game : $game;
                $memo = $memo->next();
                $from = hrtime(true);
                Check::of($game, memo: $memo);
                $times[$of][] = (hrtime(true) - $from) / 1e9;
            }
        }

        return sprintf(
            '%-58s %10.0f ms for words, %.0f ms for a way; %.1f and %.1f loops',
            "findings of {$scenes} scenes after an edit",
            1000 * min($times['words']),
            1000 * min($times['a way']),
            min($times['words']) / $loop,
            min($times['a way']) / $loop,
        );
    }

    /** @param  array<array-key, mixed>  $document */
    private static function states(array $document, float $loop): string
    {
        $game = GameDocument::of($document);
        $states = Exploration::of($game, Check::BUDGET)->states;
        $seconds = self::fastest(static fn (): mixed => Exploration::of($game, Check::BUDGET));

        return sprintf(
            '%-58s %10.0f a second, %.5f loops each',
            'states explored one by one (hub of 12)',
            $states / $seconds,
            $seconds / $states / $loop,
        );
    }

    /** @param  callable(): mixed  $work */
    private static function fastest(callable $work): float
    {
        $fastest = INF;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $start = hrtime(true);
            $work();
            $fastest = min($fastest, (hrtime(true) - $start) / 1e9);
        }

        return $fastest;
    }
}

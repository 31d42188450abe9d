<?php

declare(strict_types=1);

namespace Tools\Bench;

use Fravel\Check\Check;
use Fravel\Check\Search\Exploration;
use Fravel\Check\Search\Space;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Fravel\Support\Json;

/**
 * How fast the engine plays and checks, as figures of this machine and as ratios that compare across machines: to a million
 * turns of an empty loop of PHP, or to reading the same document.
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
            self::actions(Json::readObject((string) file_get_contents("{$root}/database/demo/dark-lamp/game.json")), $loop),
            self::check('check of 1,000 scenes and 3,000 things', LargeGames::ladder(1000), $loop),
            self::check('check of 300 scenes', LargeGames::ladder(300), $loop),
            self::check('check of a hub of 40 topics in any order', LargeGames::hub(40), $loop),
            self::states(LargeGames::hub(12), $loop),
        ];
    }

    /** @param  array<array-key, mixed>  $document */
    private static function actions(array $document, float $loop): string
    {
        $game = GameDocument::of($document);
        $walk = self::walk($game);
        $seconds = self::fastest(static function () use ($game, $walk): void {
            foreach ($walk as [$state, $action]) {
                Playing::act($game, $state, $action, 60);
            }
        }) / count($walk);

        return sprintf('%-58s %10.0f a second, %.4f loops each', 'actions on the demo game', 1 / $seconds, $seconds / $loop);
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
            $name, 1000 * $seconds, $seconds / $loop, $seconds / $reading, $memory, $verdicts->isProved ? 'proved' : 'not proved', $verdicts->facts['states'],
        );
    }

    /** @param  array<array-key, mixed>  $document */
    private static function states(array $document, float $loop): string
    {
        $game = GameDocument::of($document);
        $states = Exploration::of($game, Check::BUDGET)->states;
        $seconds = self::fastest(static fn (): mixed => Exploration::of($game, Check::BUDGET));

        return sprintf('%-58s %10.0f a second, %.5f loops each', 'states explored one by one (hub of 12)', $states / $seconds, $seconds / $states / $loop);
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

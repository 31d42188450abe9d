<?php

declare(strict_types=1);

namespace Tests\Support;

use Fravel\Document\GameDocument;
use Fravel\Play\Trial;
use Fravel\Play\View;
use Fravel\State\PlayState;
use Fravel\State\Verdict;
use Fravel\Thing\Lock;

/**
 * Plays as somebody who knows nothing of the matter and sees all that a device gets: picks by ids and by places, types
 * what ids say. What a text itself gives away is the teacher's and not looked at.
 */
final class Guesser
{
    /** Way of picking among the options as they are shown → the one it picks. */
    private const WAYS = ['lowest id', 'highest id', 'first shown', 'last shown', 'middle shown'];

    /** @var array<string, array{tried: int, right: int, chance: float}> by way */
    public array $picks = [];

    /** @var array<string, array<int, int>> by way: how often the option of each place in the document was picked */
    public array $places = [];

    /** Typed guesses that opened something. */
    public int $typed = 0;

    public function look(GameDocument $game, int $seed): void
    {
        foreach ($game->scenes() as $scene) {
            $state = PlayState::fromArray(
                ['scene' => $scene->id, 'seed' => $seed] + Plays::through($game, [])->state->toArray(),
            );
            foreach (View::of($game, $state, 0)->things as $thing) {
                $lock = $game->lock((string) $thing['id']);
                if ($lock !== null) {
                    $this->guess($lock, $thing, $game);
                }
            }
        }
    }

    /** @param  array<string, mixed>  $thing  as a device gets it */
    private function guess(Lock $lock, array $thing, GameDocument $game): void
    {
        $shown = array_column((array) ($thing['input']['options'] ?? []), 'id');
        if ($shown === []) {
            foreach ([$thing['id'], ...explode('-', (string) $thing['id'])] as $word) {
                $answer = $lock->accept($word, $game->language());
                $this->typed += $answer instanceof \Fravel\Answer\Answer && Trial::of(
                    $lock, $answer,
                )->verdict === Verdict::Open ? 1 : 0;
            }

            return;
        }
        $sorted = $shown;
        sort($sorted);
        $written = array_column(self::written($game, $lock->id), 'id');
        foreach (self::WAYS as $way) {
            $pick = match ($way) {
                'lowest id' => $sorted[0],
                'highest id' => $sorted[count($sorted) - 1],
                'first shown' => $shown[0],
                'last shown' => $shown[count($shown) - 1],
                'middle shown' => $shown[intdiv(count($shown), 2)],
            };
            $answer = $lock->accept($pick, $game->language());
            $isRight = $answer instanceof \Fravel\Answer\Answer && Trial::of($lock, $answer)->verdict === Verdict::Open;
            $this->picks[$way] ??= ['tried' => 0, 'right' => 0, 'chance' => 0.0];
            $this->picks[$way]['tried']++;
            $this->picks[$way]['right'] += $isRight ? 1 : 0;
            $this->picks[$way]['chance'] += 1 / count($shown);
            $this->places[$way][(int) array_search($pick, $written, true)] = (
                $this->places[$way][(int) array_search($pick, $written, true)] ?? 0
            ) + 1;
        }
    }

    /** @return list<array<string, mixed>> the options as the document has them */
    private static function written(GameDocument $game, string $lock): array
    {
        foreach ($game->document['scenes'] as $scene) {
            foreach ($scene['things'] as $thing) {
                if ($thing['id'] === $lock) {
                    return $thing['input']['options'];
                }
            }
        }

        return [];
    }
}

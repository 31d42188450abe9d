<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Document\Game;
use Fravel\State\PlayState;

/**
 * What the conditions of a game ask of a play. Two states that differ in nothing of it are one to the search.
 *
 * @phpstan-type Raw array<array-key, mixed>
 */
final class Asked
{
    /** @var array<string, true> */
    private array $visited = [];

    /** @var array<string, int|float> tally → the highest number it is compared with */
    private array $tallies = [];

    /** @var array<string, int|float> lock → the highest number of tries it is compared with */
    private array $tries = [];

    /** @var array<int, true> seconds at which a condition on time may turn */
    private array $times = [0 => true];

    private bool $comparesTallies = false;

    private readonly bool $goesBack;

    private readonly bool $hintsAct;

    public function __construct(Game $game)
    {
        $this->walk($game->document['scenes'] ?? []);
        $text = json_encode($game->document['scenes'] ?? []) ?: '';
        $this->goesBack = str_contains($text, '"@back"') || str_contains($text, '"back":true');
        $this->hintsAct = preg_match('/"hints":\[[^\]]*"do":\[\{/', $text) === 1;
    }

    /** @return list<int> seconds since the play began, ascending */
    public function times(): array
    {
        $times = array_keys($this->times);
        sort($times);

        return $times;
    }

    /** The state as far as anything can tell it from another. */
    public function key(PlayState $state, int $time): string
    {
        $tokens = $state->tokens;
        $open = $state->open;
        $lifted = $state->lifted;
        sort($tokens);
        sort($open);
        sort($lifted);

        return implode('|', [
            $state->scene, $time, $state->ended ?? '', implode(',', $tokens), implode(',', $open), implode(',', $lifted), implode(',', $state->cued),
            implode(',', array_keys(array_intersect_key(array_flip($state->visited), $this->visited))),
            json_encode($this->talliesOf($state)), json_encode($this->triesOf($state)),
            $this->goesBack ? json_encode($this->backOf($state)) : '', $this->hintsAct ? json_encode($state->hinted) : '', json_encode($state->passes),
        ]);
    }

    /** @return array<string, int|float> */
    private function talliesOf(PlayState $state): array
    {
        if ($this->comparesTallies) {
            return $state->tallies;
        }
        $shown = array_intersect_key($state->tallies, $this->tallies);
        foreach ($shown as $tally => $value) {
            $shown[$tally] = min($value, $this->tallies[$tally] + 1);
        }

        return $shown;
    }

    /** @return array<string, int|float> */
    private function triesOf(PlayState $state): array
    {
        $tries = [];
        foreach ($this->tries as $lock => $most) {
            $tries[$lock] = min($state->triesOn($lock), $most + 1);
        }

        return $tries;
    }

    /** @return array<string, string> where going back leads from the present scene on, as far as it goes */
    private function backOf(PlayState $state): array
    {
        $back = [];
        for ($scene = $state->scene; isset($state->from[$scene]) && ! isset($back[$scene]); $scene = $state->from[$scene]) {
            $back[$scene] = $state->from[$scene];
        }

        return $back;
    }

    private function walk(mixed $part): void
    {
        if (! is_array($part)) {
            return;
        }
        $this->note($part);
        array_map($this->walk(...), $part);
    }

    /** @param  Raw  $part */
    private function note(array $part): void
    {
        $value = $part['value'] ?? 0;
        $number = is_int($value) || is_float($value) ? $value : 0;
        if (is_string($part['visited'] ?? null)) {
            $this->visited[$part['visited']] = true;
        }
        if (is_string($part['tally'] ?? null)) {
            $this->tallies[$part['tally']] = max($this->tallies[$part['tally']] ?? 0, $number);
        }
        if (is_string($part['tries'] ?? null)) {
            $this->tries[$part['tries']] = max($this->tries[$part['tries']] ?? 0, $number);
        }
        foreach (is_array($part['firstTry'] ?? null) ? $part['firstTry'] : [] as $lock) {
            $this->tries[(string) $lock] ??= 0;
        }
        $this->comparesTallies = $this->comparesTallies || isset($part['leads']);
        if (isset($part['minutes'], $part['is']) && is_numeric($part['minutes'])) {
            $this->times[(int) ceil($part['minutes'] * 60)] = true;
            $this->times[(int) ceil($part['minutes'] * 60) + 60] = true;
        }
    }
}

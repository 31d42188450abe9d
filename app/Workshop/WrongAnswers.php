<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\Edition;
use App\Models\Game;
use Fravel\Answer\Input\Inputs;
use Fravel\Check\Answers\NearMiss;
use Fravel\Check\Answers\NearMisses;
use Fravel\Document\GameDocument;
use Fravel\Support\Json;
use Fravel\Support\Node;
use Fravel\Thing\Lock;
use Illuminate\Support\Facades\DB;

/** Wrong answers that are worth being offered as options: those that people gave, and near misses of the right one. */
final class WrongAnswers
{
    /** Answers that are looked at, the last ones given. */
    private const LOOKED_AT = 2000;

    private const MOST = 8;

    /** Characters: what is longer is no option. */
    private const LONGEST = 60;

    /**
     * @return list<array{text: string, words: string}> the most given first, each with why it is offered; none where
     *     the lock does not ask to pick
     */
    public static function to(Game $game, GameDocument $document, Lock $lock): array
    {
        $parts = $lock->input->parts();
        if ($lock->input->picks() === []) {
            return [];
        }
        $known = array_fill_keys(array_map(mb_strtolower(...), array_values($parts)), true);
        $offered = [];
        foreach (self::given($game, $lock->id) as $text => $count) {
            $offered[(string) $text] ??= (string) __('workshop.givenTimes', ['count' => $count]);
        }
        foreach (self::nearTo(self::rightOf($lock), $document->language()) as $miss) {
            $offered[$miss->text] ??= (string) __("workshop.slips.{$miss->slip->value}");
        }
        $fresh = array_filter(
            $offered, static fn (string|int $text): bool => ! isset($known[mb_strtolower((string) $text)]),
            ARRAY_FILTER_USE_KEY,
        );

        return array_map(
            static fn (string|int $text, string $words): array => ['text' => (string) $text, 'words' => $words],
            array_slice(array_keys($fresh), 0, self::MOST), array_slice(array_values($fresh), 0, self::MOST),
        );
    }

    /** The words of the first option that opens it; '' for none. */
    private static function rightOf(Lock $lock): string
    {
        foreach ($lock->rules as $rule) {
            if ($rule->opens()) {
                return $rule->match->names($lock->input)[0] ?? '';
            }
        }

        return '';
    }

    /** @return list<NearMiss> those that whoever gives does not know the answer; of words also how they are misspelt */
    private static function nearTo(string $right, string $language): array
    {
        if ($right === '') {
            return [];
        }
        $isNumber = preg_match('/^[+\-−]?\d[\d.,\s]*\D{0,8}$/u', $right) === 1;
        $input = Inputs::read(Node::root(['type' => 'text']));

        return $isNumber
            ? array_values(array_filter(
                NearMisses::of($right, $input, $language),
                static fn (NearMiss $miss): bool => $miss->slip->isPlainlyWrong() && $miss->text[0] !== '-',
            ))
            : [];
    }

    /** @return array<string, int> what was typed into this lock in runs of the game → how often, the most first */
    private static function given(Game $game, string $lock): array
    {
        $ids = $game->editions()->get(['id', 'renamed'])
            ->map(static fn (Edition $edition): string => $edition->nameOf($lock))->unique()->values();
        $counts = [];
        $actions = DB::table('play_events')
            ->join('plays', 'plays.id', '=', 'play_events.play_id')
            ->join('runs', 'runs.id', '=', 'plays.run_id')
            ->where('runs.game_id', $game->id)
            ->where(static function ($query) use ($ids): void {
                foreach ($ids as $id) {
                    $query->orWhere('play_events.action', 'like', '{"answer":"'.$id.'",%');
                }
            })
            ->orderByDesc('play_events.id')->limit(self::LOOKED_AT)->pluck('play_events.action');
        foreach ($actions as $action) {
            $with = Json::readObject((string) $action)['with'] ?? null;
            $text = is_string($with) ? trim($with) : '';
            if ($text !== '' && mb_strlen($text) <= self::LONGEST) {
                $counts[$text] = ($counts[$text] ?? 0) + 1;
            }
        }
        arsort($counts);

        return $counts;
    }
}

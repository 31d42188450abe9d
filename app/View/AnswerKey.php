<?php

declare(strict_types=1);

namespace App\View;

use App\Workshop\KindWords;
use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\Route;
use Fravel\Document\Scene;
use Fravel\Document\Showing;
use Fravel\Document\Ways;
use Fravel\Thing\Hint;
use Fravel\Thing\Lock;
use Fravel\Thing\Round;
use Fravel\Thing\Rule;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/**
 * All answers of a game, chapter by chapter, for whoever stands before the class without having made it.
 *
 * @phpstan-type RuleLine array{verdict: string, answer: string, say: string, go: string}
 * @phpstan-type LockPart array{label: string, ask: string, needs: string, rules: list<RuleLine>, hints: list<string>}
 * @phpstan-type ScenePart array{title: string, ending: string|null, ways: list<string>, locks: list<LockPart>,
 *     answered: list<array{string, string}>}
 * @phpstan-type ChapterPart array{title: string, minutes: int, scenes: list<ScenePart>}
 */
final readonly class AnswerKey
{
    /** What a lock weighs against a scene when the minutes of a game are shared out over its chapters. */
    private const LOCK = 3;

    /** @param  list<ChapterPart>  $chapters  those without scenes left out */
    private function __construct(public array $chapters, public int $minutes)
    {
    }

    public static function of(GameDocument $game): self
    {
        // An object with nothing in it is read as one.
        $about = (array) ($game->document['about'] ?? []);
        $minutes = is_int($about['minutes'] ?? null) ? $about['minutes'] : 0;
        $onward = [];
        foreach (Ways::in($game) as [$from, $to]) {
            $onward[$from][] = self::titleOf($to, $game);
        }
        $chapters = [];
        $weights = [];
        foreach ($game->scenes() as $scene) {
            $chapter = $scene->chapter ?? '';
            $part = self::scene($scene, $onward[$scene->id] ?? [], $game);
            $chapters[$chapter][] = $part;
            $weights[$chapter] = ($weights[$chapter] ?? 0) + 1 + self::LOCK * count($part['locks']);
        }
        $all = max(1, array_sum($weights));

        return new self(
            array_map(
                static fn (string $chapter): array => [
                    'title' => $game->chapters()[$chapter]->title ?? '',
                    'minutes' => (int) round($minutes * $weights[$chapter] / $all),
                    'scenes' => $chapters[$chapter],
                ],
                array_map(strval(...), array_keys($chapters)),
            ),
            $minutes,
        );
    }

    /**
     * @param  list<string>  $onward  titles of the scenes it leads to
     * @return ScenePart
     */
    private static function scene(Scene $scene, array $onward, GameDocument $game): array
    {
        $locks = array_merge([], ...array_map(static fn (Thing $thing): array => $thing->locks(), $scene->things));

        return [
            'title' => $scene->title !== '' ? $scene->title : self::titleOf($scene->id, $game),
            'ending' => $scene->ending?->kind,
            'ways' => $onward,
            'locks' => array_map(static fn (Lock $lock): array => self::lock($lock, $game), $locks),
            'answered' => array_merge([], ...array_map(
                static fn (Thing $thing): array => $thing->answered(), Things::flattened($scene->things),
            )),
        ];
    }

    /** @return LockPart */
    private static function lock(Lock $lock, GameDocument $game): array
    {
        $rules = array_map(
            static fn (Rule $rule): array => self::line(
                $rule->verdict->value, KindWords::of($game, $rule->match->said()), $rule->reaction, $game,
            ),
            $lock->rounds === [] ? $lock->rules : [],
        );
        $others = array_map(
            static fn (Reaction $reaction): array => self::line(
                'wrong', self::anythingElse($reaction, $game), $reaction, $game,
            ),
            $lock->otherwise,
        );

        return [
            'label' => $lock->common->label,
            'ask' => $lock->ask,
            'needs' => $lock->needs === null ? '' : KindWords::of($game, $lock->needs->said()),
            'rules' => [...self::rounds($lock, $game), ...$rules, ...$others],
            'hints' => array_map(static fn (Hint $hint): string => $hint->md, $lock->hints),
        ];
    }

    /** @return list<RuleLine> what is right in each round, and what comes of enough of them */
    private static function rounds(Lock $lock, GameDocument $game): array
    {
        $nothing = new Reaction(null, '', [], null);
        $right = array_map(static function (Round $round) use ($nothing, $game): array {
            $answer = trim($round->ask.' '.KindWords::of($game, $round->match->said()));

            return self::line('open', $answer, $nothing, $game);
        }, $lock->rounds);
        $opening = $lock->rounds === [] ? null : $lock->rules[$lock->openingRule() ?? -1] ?? null;
        $enough = (string) __('games.key.in_a_row', ['count' => $lock->enough]);

        return $opening === null ? $right : [...$right, self::line('open', $enough, $opening->reaction, $game)];
    }

    /** @return RuleLine */
    private static function line(string $verdict, string $answer, Reaction $reaction, GameDocument $game): array
    {
        $to = $reaction->go->to ?? '';
        $stays = ['', Route::STAY];

        return [
            'verdict' => $verdict,
            'answer' => $answer,
            'say' => $reaction->say,
            'go' => in_array($to, $stays, true) ? '' : self::route($to, $game),
        ];
    }

    /** What no rule catches, and from when on that is told so. */
    private static function anythingElse(Reaction $reaction, GameDocument $game): string
    {
        return (string) ($reaction->if === null
            ? __('games.key.anything_else')
            : __('games.key.anything_else_if', ['what' => KindWords::of($game, $reaction->if->said())]));
    }

    private static function titleOf(string $scene, GameDocument $game): string
    {
        $found = $game->scene($scene);
        $title = $found->title ?? $game->moment($scene)->title ?? $scene;

        return $title !== '' || $found?->stop === null
            ? $title
            : $game->scene($found->stop->home)?->title.' '.Showing::clock((int) $found->stop->at);
    }

    private static function route(string $to, GameDocument $game): string
    {
        return str_starts_with($to, '@') ? (string) __("workshop.routes.{$to}") : self::titleOf($to, $game);
    }
}

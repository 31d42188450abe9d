<?php

declare(strict_types=1);

namespace Tests\Support\Lies;

use Fravel\Answer\Input\Options;
use Fravel\Document\GameDocument;
use Fravel\Edit\Blank;
use Fravel\Edit\Edited;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Pattern;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\Thing\Cover;
use Fravel\Thing\FindBox;
use Fravel\Thing\FindIt;
use Fravel\Thing\Lock;
use LogicException;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\RandomGames;

/** Boards and quizzes: what is meant is drawn, written as rows, built, and held against what came out. */
final class Tables
{
    public const JOBS = ['find', 'reveal', 'quiz', 'stops', 'cards', 'sheet'];

    private const WORDS = [
        'Quay', 'the “old” lens', '"Land!" she cried', '5" pipe', 'CO₂', '12 eggs, 5 gone', 'a; b', 'a | b', 'كم', 'A',
        'q', 'box', 'half past', '3/4', 'a very long name that goes on and on until it needs two lines', 'Ä', 'x² + 1',
        '7',
    ];

    /** @return list<string> lies, each with what was written */
    public static function draw(string $job, RandomGames $dice, int $seed): array
    {
        [$text, $lies] = match ($job) {
            'quiz' => self::quiz($dice, $seed),
            'stops' => Films::draw($dice),
            'cards' => Cards::draw($dice),
            'sheet' => Cards::written($dice),
            default => self::board($job, $dice, $seed),
        };

        return array_map(static fn (string $lie): string => "seed {$seed} {$job}: {$lie}\n{$text}", $lies);
    }

    /** @return array{string, list<string>} what was written, and what is not as it was meant */
    private static function board(string $job, RandomGames $dice, int $seed): array
    {
        $columns = $job === 'find' ? ['prompt', 'box'] : ['front', 'back'];
        [$first, $second] = $columns;
        $rows = array_map(static fn (int $place): array => [
            // A box that nobody asks for stands only among the others.
            $first => $job === 'find' && $dice->pick([$place > 1, false, false]) ? '' : self::words($dice, $place),
            $second => self::words($dice, $place),
        ], range(1, $dice->pick([1, 2, 7, 30])));
        [$text, $cells] = Writer::table($rows, $columns, $dice, separators: ["\t", "\t", ';']);
        $given = [$job === 'find' ? 'finds' : 'cards' => $text];
        $built = self::built($job, $given, $seed);
        $made = [];
        foreach ($built?->scene($built->start())->things ?? [] as $thing) {
            if ($thing instanceof FindIt) {
                $made = array_map(static fn (FindBox $box): array => [$box->ask, $box->md], $thing->boxes);
            } elseif ($thing instanceof Cover) {
                $made[] = [$thing->front->md, $thing->back->md];
            }
        }
        $pattern = self::pattern($job);
        $told = count($pattern->account(new Content($given, 'en'), $pattern->fields()[1])->cells());

        return [$text, [
            ...$made === array_map(array_values(...), $rows) ? [] : ['built '.json_encode($made)],
            ...$told === $cells ? [] : ["{$told} cells told of, {$cells} given"],
        ]];
    }

    /** @return array{string, list<string>} */
    private static function quiz(RandomGames $dice, int $seed): array
    {
        $outcomes = array_map(
            static fn (int $place): string => self::words($dice, $place), range(1, $dice->pick([2, 3, 4])),
        );
        $asked = array_map(static fn (int $place): array => array_map(
            static fn (int $of): array => [self::words($dice, 10 * $place + $of), $dice->pick([1, 1, 1, 2, 3])],
            array_keys($outcomes),
        ), range(1, $dice->pick([1, 3, 5])));
        $written = array_map(static fn (array $options, int $place): array => ["Which {$place}?", ...array_map(
            static fn (array $one): string => $one[1] === 1 ? $one[0] : "{$one[0]} +{$one[1]}", $options,
        )], $asked, array_keys($asked));
        [$text] = Writer::table($written, range(0, count($outcomes)), $dice, false, ["\t", ';']);
        $said = array_map(static fn (string $one): array => [$one, "So: {$one}."], $outcomes);
        [$named] = Writer::table($said, [0, 1], $dice, false, ["\t", ';']);
        $built = self::built('quiz', ['outcomes' => $named, 'quizQuestions' => $text], $seed);
        $lies = $built === null ? ['not built'] : self::played($built, $outcomes, $asked, $dice);

        return ["{$named}\n--\n{$text}", $lies];
    }

    /**
     * @param  list<string>  $outcomes
     * @param  list<list<array{string, int}>>  $asked
     * @return list<string>
     */
    private static function played(GameDocument $game, array $outcomes, array $asked, RandomGames $dice): array
    {
        $state = Playing::start($game, 1, 0)->state;
        $sums = array_fill_keys($outcomes, 0);
        foreach ($asked as $options) {
            $lock = $game->scene($state->scene)?->things[0] ?? null;
            $input = $lock instanceof Lock ? $lock->input : null;
            $ids = array_column($input instanceof Options ? $input->options : [], 'id', 'md');
            if (array_map(strval(...), array_keys($ids)) !== array_column($options, 0)) {
                return ['options '.json_encode(array_keys($ids), JSON_UNESCAPED_UNICODE)];
            }
            $pick = $dice->pick(array_keys($options));
            $sums[$outcomes[$pick]] += $options[$pick][1];
            $action = Action::of(['answer' => $lock->id ?? '', 'with' => $ids[$options[$pick][0]]]);
            $state = $action === null ? $state : Playing::act($game, $state, $action, 0)->state;
        }
        // Of those that are equal the first counts.
        arsort($sums);
        $best = (string) array_key_first($sums);
        $ending = $game->scene($state->scene);

        return $state->ended !== null && $ending?->title === $best && $ending->ending?->md === "So: {$best}."
            ? []
            : ["{$ending?->title} for ".json_encode($sums)];
    }

    public static function words(RandomGames $dice, int $place): string
    {
        return $dice->pick(self::WORDS)." {$place}";
    }

    /** @param  array<string, string>  $given */
    private static function built(string $job, array $given, int $seed): ?GameDocument
    {
        $words = require dirname(__DIR__, 3).'/lang/en/made.php';
        $blank = GameDocument::of(Blank::game('', ['scene' => '', 'hello' => '']));
        $built = Build::into(
            $blank, self::pattern($job), new Content($given, 'en'), $words['pattern'], new TeacherDefaults(), null,
            new Randomizer(new Mt19937($seed)),
        )?->apply($blank);

        return $built instanceof Edited ? $built->game : null;
    }

    private static function pattern(string $name): Pattern
    {
        return Patterns::named($name) ?? throw new LogicException($name);
    }
}

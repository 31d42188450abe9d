<?php

declare(strict_types=1);

namespace Tests\Support\Lies;

use Fravel\Document\GameDocument;
use Fravel\Edit\Blank;
use Fravel\Edit\Edited;
use Fravel\Edit\Refusal;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Field;
use Fravel\Pattern\FieldKind;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Fravel\Worksheet\Builder;
use Fravel\Worksheet\Worksheet;
use LogicException;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\RandomGames;

/** Draws what is meant, writes it, has it built, plays what was built, and says where that is another thing. */
final class Campaign
{
    /** Pattern → columns of its questions, as a teacher knows them. */
    private const JOBS = [
        'ladder' => ['question', 'answer', 'wrong', 'room'], 'treasure' => ['question', 'answer', 'wrong'],
        'rooms' => ['question', 'answer', 'wrong', 'room'], 'gauntlet' => ['question', 'answer', 'wrong'],
        'picture' => ['question', 'answer', 'wrong'], 'mosaic' => ['question', 'answer', 'wrong'],
        'worksheet' => ['question', 'answer', 'wrong', 'room'],
    ];

    private const KINDS = ['text', 'text', 'text', 'number', 'code', 'length', 'sentence', 'options', 'gaps', 'signs'];

    /** @return list<string> lies, each with what was written */
    public static function draw(int $seed): array
    {
        $dice = new RandomGames($seed);
        $job = $dice->pick([...array_keys(self::JOBS), ...Tables::JOBS]);
        if (in_array($job, Tables::JOBS, true)) {
            return Tables::draw($job, $dice, $seed);
        }
        $meant = Intended::drawn($dice, $job === 'rooms' ? 15 : 60, self::KINDS);
        $columns = self::JOBS[$job];
        $questions = array_map(static fn (array $asked): array => array_replace(
            $asked, in_array('room', $columns, true) ? [] : ['room' => ''],
        ), $meant->questions);
        [$text, $cells] = Writer::rows($questions, $columns, $dice);
        [$document, $told, $why] = $job === 'worksheet'
            ? self::worksheet(Writer::saved($text, $dice), $seed)
            : self::pattern($job, $text, $seed);
        $lies = $document === null
            ? ["not built: {$why}"]
            : Judge::of(GameDocument::of($document), $questions, $dice);
        if ($told !== null && $told !== $cells) {
            $lies[] = "{$told} cells told of, {$cells} given";
        }

        return array_map(static fn (string $lie): string => "seed {$seed} {$job}: {$lie}\n{$text}", $lies);
    }

    /**
     * The document, how many cells were told of, and why there is none.
     *
     * @return array{array<string, mixed>|null, int|null, string}
     */
    private static function pattern(string $job, string $text, int $seed): array
    {
        $words = require dirname(__DIR__, 3).'/lang/en/made.php';
        $sample = require dirname(__DIR__, 3).'/lang/en/patterns.php';
        $pattern = Patterns::named($job) ?? throw new LogicException($job);
        $given = ['questions' => $text, 'inside' => 'A lens.', 'hidden' => $sample['sample']['hidden']];
        $content = new Content($given, 'en');
        $blank = GameDocument::of(Blank::game('', ['scene' => '', 'hello' => '']));
        $built = Build::into(
            $blank, $pattern, $content, $words['pattern'], new TeacherDefaults(), null,
            new Randomizer(new Mt19937($seed)),
        )?->apply($blank);
        $isAsking = static fn (Field $one): bool => $one->kind === FieldKind::Questions;
        $field = array_values(array_filter($pattern->fields(), $isAsking))[0];

        return [
            $built instanceof Edited ? $built->game->document : null,
            count($pattern->account($content, $field)->cells()),
            $built instanceof Refusal ? $built->code.' '.json_encode($built->arguments) : 'nothing to build',
        ];
    }

    /** @return array{array<string, mixed>|null, int|null, string} */
    private static function worksheet(string $text, int $seed): array
    {
        $words = require dirname(__DIR__, 3).'/lang/en/made.php';
        $played = Builder::played(
            Worksheet::read($text, 'en')->rows, 'Drawn', 'en', $words['worksheet'], new Randomizer(new Mt19937($seed)),
        );

        return [$played->fault === null ? $played->game->document : null, null, "{$played->fault} {$played->about}"];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Built\Played;
use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Fravel\Document\Scene;
use Fravel\Document\Showing;
use Fravel\Edit\Command;
use Fravel\Edit\DocumentPath;
use Fravel\Edit\Edited;
use Fravel\Edit\InsertPart;
use Fravel\Edit\Refusal;
use Fravel\Edit\RefusedCommand;
use Fravel\Edit\SetField;
use Fravel\Edit\Together;
use Fravel\Film\Moment;
use Fravel\Rows\Row as Given;
use Fravel\Rows\Rows;
use Fravel\Rows\Time;
use Fravel\Support\Wording;
use Fravel\Thing\Clip;
use Fravel\Thing\Things;
use Fravel\Worksheet\Kind;
use Fravel\Worksheet\Row;
use Fravel\Worksheet\Understanding;
use Random\Randomizer;

/**
 * Stops of a film from rows: time; what is asked; answers; what is said when wrong; the passage to go back to.
 *
 * Answers are read as in all rows. Groups of options with two bars between them are rounds; an answer with an arrow and
 * a time is a way into the film; a row without answers is a page of words, which goes by itself where its time ends.
 */
final class StopRows
{
    public const COLUMNS = ['time', 'question', 'answer', 'wrong', 'passage', 'at last'];

    /** An answer that is a way into the film: its words, an arrow, and a time. */
    private const WAY = '/^(.*?)\s*(?:→|->)\s*([\d:.,]+)$/Du';

    private const ROUNDS = '/\s*\|\|\s*/u';

    /** Seconds that a length told by a browser may be off. */
    private const SLACK = 0.5;

    /** How often a wrong answer leads back where a row names a passage; rounds in a row that open a lock. */
    private const TIMES = 2;

    private const ENOUGH = 3;

    /** What a scene does, and whom it lets in. */
    private const HELD = ['things' => 0, 'needs' => 0, 'refused' => 0, 'arrive' => 0, 'next' => 0, 'ending' => 0];

    /** @var list<array<string, mixed>> */
    private array $stops = [];

    /** @var list<array<string, mixed>> moments that are made, as they are written */
    private array $moments = [];

    private function __construct(
        private readonly GameDocument $game,
        private readonly Scene $home,
        private readonly Clip $clip,
        private readonly PatternBuilder $builder,
    ) {
    }

    /** What becomes of each cell. */
    public static function account(GameDocument $game, string $clip, string $text, bool $mayHead = true): Rows
    {
        $film = self::film($game, $clip);
        $length = $film === null ? 0.0 : (float) $film[1]->length;

        return Rows::read($text, self::COLUMNS, mayHead: $mayHead)->map(
            static fn (Given $row): Given => self::told($row, $length, $game->language()),
        );
    }

    /**
     * @param  array<string, string>  $words  for students, by the names patterns use
     * @return Command|null null where there is no such film, or nothing to put into it
     */
    public static function into(
        GameDocument $game,
        string $clip,
        string $text,
        array $words,
        bool $mayHead = true,
        Randomizer $random = new Randomizer(),
    ): ?Command {
        $film = self::film($game, $clip);
        $rows = self::account($game, $clip, $text, $mayHead)->rows;
        $taken = array_filter($rows, static fn (Given $row): bool => $row->isTaken());
        if ($film === null || $taken === []) {
            return null;
        }
        $builder = new PatternBuilder(
            $game->language(), Ids::in($game->document), $words, new TeacherDefaults(), $random,
        );
        $made = new self($game, $film[0], $film[1], $builder);
        foreach ($taken as $row) {
            $made->stop($row);
        }

        return $made->command();
    }

    /** @return array{Scene, Clip}|null */
    private static function film(GameDocument $game, string $clip): ?array
    {
        foreach ($game->scenes() as $scene) {
            foreach (Things::clips($scene->things) as $one) {
                if ($one->id === $clip) {
                    return [$scene, $one];
                }
            }
        }

        return null;
    }

    private static function told(Given $row, float $length, string $language): Given
    {
        $time = Time::in($row->in('time'));
        if ($time === null) {
            return $row->leftOut(new Wording('rows.no-time'));
        }
        if ($length > 0 && $time[0] > $length + self::SLACK) {
            return $row->leftOut(new Wording('rows.late', ['length' => Showing::clock((int) $length)]));
        }
        [$kind, $answers] = self::meant($row, $language);

        return $row->meaning('answer', new Wording("rows.{$kind}", [
            'answers' => implode(' · ', $answers), 'count' => count($answers), 'about' => 0,
        ]));
    }

    /** @return array{string, list<string>} what its answers are, by the code of its words */
    private static function meant(Given $row, string $language): array
    {
        $answer = $row->in('answer');
        if (count(self::groups($answer)) > 1) {
            return ['rounds', self::groups($answer)];
        }
        $meant = Understanding::of($answer, $row->in('question'), $language);
        $isWay = self::ways($meant->answers) !== [];

        return [$isWay ? 'ways' : $meant->kind->value, $meant->answers];
    }

    /** @return list<string> */
    private static function groups(string $answer): array
    {
        $groups = preg_split(self::ROUNDS, $answer, -1, PREG_SPLIT_NO_EMPTY);

        return $groups === false ? [] : $groups;
    }

    /**
     * @param  list<string>  $answers
     * @return list<array{string, string}> words and time of each, where all are ways into the film
     */
    private static function ways(array $answers): array
    {
        $ways = [];
        foreach ($answers as $answer) {
            if (preg_match(self::WAY, $answer, $part) !== 1) {
                return [];
            }
            $ways[] = [$part[1], $part[2]];
        }

        return $ways;
    }

    private function stop(Given $row): void
    {
        [$at, $until] = Time::in($row->in('time')) ?? [0.0, null];
        $id = $this->builder->id('stop');
        $this->stops[] = [
            'id' => $id, 'title' => '', 'layout' => 'page',
            'stop' => ['clip' => $this->clip->id, 'at' => self::number($at)]
                + ($until === null ? [] : ['lasts' => self::number($until - $at)]),
            'things' => $this->things($row),
        ] + ($this->home->chapter === null ? [] : ['chapter' => $this->home->chapter]);
    }

    /** @return list<array<string, mixed>> */
    private function things(Given $row): array
    {
        [$ask, $answer] = [$row->in('question'), $row->in('answer')];
        $groups = self::groups($answer);
        $asked = Row::asked($ask, $answer, $this->game->language())->withFeedback($row->in('wrong'));
        $ways = count($groups) > 1 ? [] : self::ways($asked->answers);
        if ($ways !== []) {
            $choices = array_map(fn (array $way): array => $this->builder->choice(
                $way[0], $this->moment(Time::seconds($way[1]) ?? 0.0, null, $way[0]),
            ), $ways);

            return $ask === '' ? $choices : [$this->builder->text($ask), ...$choices];
        }
        if ($answer === '' && $asked->kind !== Kind::Gaps) {
            return $ask === '' ? [] : [$this->builder->text($ask)];
        }
        $isRounds = count($groups) > 1;
        $rows = $isRounds ? array_map($this->round(...), $groups) : [$asked];
        $lock = $isRounds
            ? $this->rounds($ask, $rows, $row->in('wrong'))
            : $this->builder->lock($asked, ['say' => '', 'go' => '@stay']);

        return [$row->in('passage').$row->in('at last') === '' ? $lock : $this->leadingBack($lock, $row, $rows)];
    }

    private function round(string $group): Row
    {
        return Row::asked('', $group, $this->game->language());
    }

    /**
     * All in a row, but no more than three, open it.
     *
     * @param  list<Row>  $rows
     * @return array<string, mixed>
     */
    private function rounds(string $ask, array $rows, string $wrong): array
    {
        $rounds = [];
        foreach ($rows as $row) {
            $one = $this->builder->lock($row);
            $this->builder->promises[$id = $this->builder->id('round')] = $this->builder->promises[$one['id']];
            unset($this->builder->promises[$one['id']]);
            $rounds[] = [
                'id' => $id, 'ask' => '',
                'input' => $one['input'], 'match' => $one['rules'][0]['match'],
            ];
        }
        $lock = $this->builder->asking(
            $this->builder->id('lock'), $ask, ['type' => 'text'], ['anything' => true], $wrong,
            ['say' => '', 'go' => '@stay'], null,
        );

        return $lock + ['rounds' => $rounds, 'enough' => min(self::ENOUGH, count($rounds))];
    }

    /**
     * A wrong answer leads back, or only says so, a few times; then what is right is shown, and the way is open.
     *
     * @param  array<string, mixed>  $lock
     * @param  list<Row>  $asked  one, or one for each round
     * @return array<string, mixed>
     */
    private function leadingBack(array $lock, Given $row, array $asked): array
    {
        $say = $row->in('wrong') === '' ? $this->builder->say('wrong') : $row->in('wrong');
        $back = [
            'if' => ['tries' => $lock['id'], 'is' => '<', 'value' => self::TIMES + 1],
            'say' => $say,
        ] + ($row->in('passage') === '' ? [] : ['go' => $this->passage($row)]);
        $last = $row->in('at last') === '' ? $this->wayOn($asked) : $row->in('at last');
        $on = ['say' => $last, 'do' => [['open' => $lock['id']]]];

        return array_replace($lock, ['otherwise' => [$back, $on]]);
    }

    /**
     * The right answer where it can be told in a few words; of rounds, that of each.
     *
     * @param  list<Row>  $asked
     */
    private function wayOn(array $asked): string
    {
        $right = array_filter(array_map(
            static fn (Row $row): string => implode(', ', self::rightIn($row)), $asked,
        ), static fn (string $one): bool => $one !== '');

        return count($right) < count($asked)
            ? $this->builder->say('wayOn')
            : $this->builder->say('wayOnWith', ['answer' => implode(' · ', $right)]);
    }

    /** @return list<string> */
    private static function rightIn(Row $asked): array
    {
        return match ($asked->kind) {
            Kind::Options => array_map(
                static fn (string $one): string => ltrim($one, '* '),
                array_values(array_filter(
                    $asked->answers, static fn (string $one): bool => str_starts_with($one, '*'),
                )),
            ),
            Kind::Text, Kind::Number, Kind::Digits, Kind::Signs => array_slice($asked->answers, 0, 1),
            Kind::Gaps => self::bracketed($asked->question),
            default => [],
        };
    }

    /** @return list<string> what belongs in each gap of a text, as it stands there first */
    private static function bracketed(string $text): array
    {
        preg_match_all('/\[([^][|]+)/', $text, $found);

        return array_map(trim(...), $found[1]);
    }

    /** By its name, or by its times; a name that is not known is a passage up to the stop. */
    private function passage(Given $row): string
    {
        $name = $row->in('passage');
        foreach ([...$this->written(), ...$this->moments] as $moment) {
            if (mb_strtolower((string) ($moment['title'] ?? '')) === mb_strtolower($name)) {
                return (string) $moment['id'];
            }
        }
        $time = Time::in($name);
        $at = Time::in($row->in('time'))[0] ?? 0.0;

        return $this->moment($time[0] ?? 0.0, $time[1] ?? $at, $name);
    }

    /** The moment at a time, made where there is none. */
    private function moment(float $at, ?float $until, string $title): string
    {
        foreach ([...$this->written(), ...$this->moments] as $moment) {
            if ((float) $moment['at'] === $at && ($moment['until'] ?? null) == $until) {
                return (string) $moment['id'];
            }
        }
        $this->moments[] = [
            'id' => $id = $this->builder->id('moment'), 'title' => $title, 'at' => self::number($at),
        ] + ($until === null ? [] : ['until' => self::number($until)]);

        return $id;
    }

    /** @return list<array<string, mixed>> moments that the clip has */
    private function written(): array
    {
        return array_map(static fn (Moment $moment): array => [
            'id' => $moment->id, 'title' => $moment->title, 'at' => $moment->at,
        ] + ($moment->until === null ? [] : ['until' => $moment->until]), $this->clip->moments);
    }

    private function command(): Command
    {
        $after = [$this->home->id, ...array_map(static fn ($stop): string => $stop->id, $this->clip->stops)];
        $last = end($after);
        $commands = $this->moments === [] ? [] : [
            new SetField($this->clip->id, 'moments', [...$this->written(), ...$this->moments]),
        ];
        foreach ($this->stops as $stop) {
            $commands[] = new InsertPart('scenes', Command::GAME, $last, $stop);
            $last = (string) $stop['id'];
        }
        $edited = (new Together($commands))->apply($this->game);
        $played = $edited instanceof Edited ? $this->played($edited->game) : null;
        if ($played?->fault !== null) {
            return new RefusedCommand(new Refusal("pattern.{$played->fault}", ['what' => $played->about]));
        }
        // Among stops that were there before it is no way that a student can go.
        $way = $played === null || $this->clip->stops !== []
            ? []
            : [Build::kept($this->game, $this->builder, $played, $this->home->id, $this->home->title)];

        return new Together([...$commands, ...$way]);
    }

    /** The film with its new stops; those it had before are empty for once, since nothing was given for them. */
    private function played(GameDocument $game): Played
    {
        $document = $game->document;
        foreach ($this->clip->stops as $stop) {
            $path = DocumentPath::path($document, $stop->id) ?? [];
            $scene = DocumentPath::get($document, $path);
            if (is_array($scene)) {
                $document = DocumentPath::put($document, $path, array_diff_key($scene, self::HELD) + ['things' => []]);
            }
        }
        $stops = array_map(static fn (array $stop): string => (string) $stop['id'], $this->stops);
        $before = array_map(static fn ($stop): string => $stop->id, $this->clip->stops);

        return Played::of(
            $game->changed($document), $this->builder->promises, [$this->home->id, ...$before, ...$stops], true,
        );
    }

    private static function number(float $seconds): int|float
    {
        $rounded = round($seconds, 2);

        return $rounded === floor($rounded) ? (int) $rounded : $rounded;
    }
}

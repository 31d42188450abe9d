<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use Fravel\Check\Check;
use Fravel\Check\Effort;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Edit\Commands;
use Fravel\Play\Playing;
use Fravel\Play\View;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Fravel\Support\Json;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\RandomGames;
use Throwable;

/** Throws documents, answers, actions and commands at the engine that nobody would write, and counts what breaks. */
final class Fuzz
{
    /** Seconds from which on an answer is taken again. */
    private const LONG = 0.002;

    /** Seconds that no answer may take. */
    private const SLOWEST = 0.2;

    private readonly Randomizer $dice;

    /** @var array<string, int> */
    private array $counts = ['documents' => 0, 'answers' => 0, 'actions' => 0, 'commands' => 0];

    /** @var array<string, string> what broke, by what and where */
    public array $broken = [];

    public float $slowestAnswer = 0.0;

    private string $slowestWhich = '';

    public function __construct(int $seed)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    /** @return list<Figure> */
    public static function report(int $seed, int $count, float $seconds): array
    {
        $fuzz = new self($seed);
        $until = microtime(true) + $seconds;
        for ($round = 0; $fuzz->counts['documents'] < $count && microtime(true) < $until; $round++) {
            $fuzz->round($seed + $round, $count);
        }
        $told = array_map(
            static fn (string $what, int $times): string => "{$times} {$what}", array_keys($fuzz->counts),
            $fuzz->counts,
        );

        $broken = array_map(
            static fn (string $where, string $with): string => "{$where} with {$with}", array_keys($fuzz->broken),
            $fuzz->broken,
        );

        return [
            new Figure(
                implode(', ', $told).' thrown at the engine: '.count($broken).' exceptions', $broken === [], $broken,
            ),
            new Figure(
                sprintf('slowest answer: %.1f ms%s', 1000 * $fuzz->slowestAnswer, $fuzz->slowestWhich),
                $fuzz->slowestAnswer < self::SLOWEST,
            ),
        ];
    }

    private function round(int $seed, int $count): void
    {
        $document = (new RandomGames($seed))->document();
        for ($bent = 0; $bent < 6; $bent++) {
            $this->guarded('documents', fn () => $this->judged($this->bent($document)), $document);
        }
        $game = GameDocument::of($document);
        $state = Playing::start($game, $seed, 0)->state;
        for ($step = 0; $step < 12; $step++) {
            $sent = $this->action();
            $next = $this->guarded('actions', fn () => $this->acted($game, $state, $sent), $sent);
            $state = $next instanceof PlayState ? $next : $state;
        }
        for ($try = 0; $try < 6; $try++) {
            $this->answer();
        }
        for ($try = 0; $try < 6; $try++) {
            $sent = $this->bent($this->command());
            $this->guarded('commands', fn () => Commands::read($sent, $game)?->apply($game), $sent);
        }
    }

    /** @param  array<array-key, mixed>  $document */
    private function judged(array $document): void
    {
        $text = json_encode($document, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $read = Json::readObject($text === false ? '{}' : $text);
        if (Validation::ofShape($read) === []) {
            Validation::ofReferences($read);
            $this->dice->getInt(0, 9) > 0 || Check::of(GameDocument::of($read), 100, effort: new Effort(10_000));
        }
    }

    /** @param  array<string, mixed>  $sent */
    private function acted(GameDocument $game, PlayState $state, array $sent): PlayState
    {
        $action = Action::of($sent);
        $next = $action === null ? $state : Playing::act(
            $game, $state, $action, $this->dice->getInt(-100, 10_000),
        )->state;
        View::of($game, $next, 0)->toArray();

        return $next;
    }

    private function answer(): void
    {
        $lock = [
            'id' => 'l', 'kind' => 'lock', 'ask' => '?', 'input' => $this->input(),
            'clean' => $this->pick([[], ['space' => 'none'], ['case' => false, 'articles' => true]]),
            'rules' => [['match' => $this->matcher(3), 'verdict' => 'open']],
        ];
        $document = [
            'fravel' => 1, 'title' => '', 'language' => $this->pick(['en', 'de', 'fr', 'xx']), 'start' => 'a',
            'scenes' => [['id' => 'a', 'title' => '', 'layout' => 'page', 'things' => [$lock]]],
        ];
        if (Validation::ofShape($document) !== []) {
            $this->counts['answers']++;

            return;
        }
        $game = GameDocument::of($document);
        $state = Playing::start($game, 1, 0)->state;
        $with = $this->value(2);
        $this->guarded('answers', function () use ($game, $state, $with, $lock): void {
            $action = Action::of(['answer' => 'l', 'with' => $with]);
            $took = 0.0;
            // Once more where it took long: loading a class for the first time, and another process, are no part of it.
            for ($time = 0; $action !== null && $time < 3 && ($time === 0 || $took > self::LONG); $time++) {
                $before = hrtime(true);
                Playing::act($game, $state, $action, 0);
                $took = $time === 0 ? (hrtime(true) - $before) / 1e9 : min($took, (hrtime(true) - $before) / 1e9);
            }
            if ($took > $this->slowestAnswer) {
                $this->slowestAnswer = $took;
                $this->slowestWhich = ', to '.mb_strimwidth(
                    (string) json_encode($lock['rules'][0]['match'], JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 80, '…',
                );
            }
        }, $lock['rules']);
    }

    /** @return array<string, mixed> */
    private function input(): array
    {
        $items = [['id' => 'i1', 'md' => 'One'], ['id' => 'i2', 'md' => 'Two'], ['id' => 'i3', 'md' => 'Three']];

        return $this->pick([
            ['type' => 'text'], ['type' => 'long'], ['type' => 'number', 'unit' => 'm'],
            ['type' => 'digits', 'length' => 4], ['type' => 'arrows', 'length' => 3],
            ['type' => 'colours', 'palette' => ['red', 'blue'], 'length' => 2],
            ['type' => 'options', 'options' => $items, 'many' => true], ['type' => 'options', 'options' => $items],
            ['type' => 'order', 'items' => $items],
            ['type' => 'pairs', 'left' => $items, 'right' => [['id' => 'r1', 'md' => 'R']]],
            ['type' => 'gaps', 'md' => 'a {i1} b {i2}'], ['type' => 'point', 'asset' => 'x'],
            ['type' => 'keys', 'keys' => $items, 'length' => 2],
        ]);
    }

    /** @return array<string, mixed> */
    private function matcher(int $depth): array
    {
        $leaf = fn (): array => $this->pick([
            ['equals' => $this->text()], ['has' => [mb_substr($this->text(), 0, 500)]],
            ['hasAll' => [mb_substr($this->text(), 0, 40), 'a']],
            ['like' => mb_substr(str_replace('x', '*', $this->text()), 0, 500)],
            ['pattern' => $this->pick(['a+', '(a|b)*c', '(a+)+$', '\\d{4}', '.*.*.*=.*'])],
            ['close' => mb_substr($this->text(), 0, 200), 'edits' => $this->dice->getInt(0, 10)],
            ['number' => $this->pick([0, 1.5, -3, 1e300, 1e-300]), 'within' => $this->pick([0, '2%', 1e10])],
            ['number' => 3, 'unit' => 'km'], ['number' => 2.5, 'places' => 20], ['between' => [-1e300, 1e300]],
            ['length' => ['min' => $this->dice->getInt(0, 300), 'of' => 'words']],
            ['form' => $this->pick(['email', 'web', 'date', 'time', 'whole', 'decimal'])], ['options' => ['i1', 'i2']],
            ['order' => ['i2', 'i1']], ['pairs' => ['i1' => 'r1']], ['gaps' => ['i1' => ['anything' => true]]],
            ['inside' => [[0, 0], [1, 0], [0, 1]]],
            ['right' => ['of' => ['order' => ['i1', 'i2']], 'atLeast' => 1]], ['anything' => true],
        ]);

        return $depth === 0 || $this->dice->getInt(0, 2) > 0 ? $leaf() : $this->pick([
            ['all' => [$this->matcher($depth - 1), $this->matcher($depth - 1)]],
            ['any' => [$this->matcher($depth - 1), $this->matcher($depth - 1)]], ['not' => $this->matcher($depth - 1)],
        ]);
    }

    /** @return array<string, mixed> */
    private function action(): array
    {
        $on = 's'.$this->dice->getInt(0, 5).$this->pick(['-go', '-lock', '-lid', '', '-o1']);

        return [
            $this->pick([
                'choose', 'answer', 'lift', 'lower', 'hint', 'cue', 'back', 'continue', 'fly',
            ]) => $this->dice->getInt(0, 9) > 0 ? $this->pick([$on, true]) : $this->value(1),
            'with' => $this->value(2),
        ];
    }

    /** @return array<string, mixed> */
    private function command(): array
    {
        return $this->pick([
            [
                'set' => 's1', 'field' => $this->pick(['title', 'things', 'next', 'id', 'needs']),
                'to' => $this->value(3),
            ],
            [
                'insert' => $this->pick(['scenes', 'things', 'tokens']), 'in' => $this->pick(['@game', 's1']),
                'after' => $this->value(0), 'value' => ['id' => 'new', 'things' => [['id' => 'x'], ['id' => 'x']]],
            ],
            ['remove' => $this->pick(['s1', 't0', '@game'])],
            ['move' => 's1-go', 'in' => $this->pick(['s2', 's1-go', '@game']), 'after' => null],
            ['duplicate' => ['s1', 's2'], 'times' => $this->dice->getInt(0, 3)],
            ['deleteScene' => 's1', 'lead' => $this->pick(['s1', 's2', null])], ['drop' => 'things', 'in' => 's1'],
            [
                'together' => [
                    ['deleteScene' => 's1', 'lead' => 's2'], ['deleteScene' => 's2', 'lead' => 's1'],
                    ['duplicate' => ['s3']],
                ],
            ],
        ]);
    }

    /**
     * The document with something in it that was not meant to be there.
     *
     * @param  array<array-key, mixed>  $part
     * @return array<array-key, mixed>
     */
    private function bent(array $part): array
    {
        if ($part === []) {
            return $this->pick([[], [$this->value(1)]]);
        }
        $key = array_rand(array_flip(array_map(strval(...), array_keys($part))));
        $key = array_key_exists($key, $part) ? $key : (int) $key;
        if (is_array($part[$key]) && $this->dice->getInt(0, 4) > 0) {
            $part[$key] = $this->bent($part[$key]);
        } else {
            $part[$key] = $this->value(2);
        }

        return $part;
    }

    private function value(int $depth): mixed
    {
        return match ($this->dice->getInt(0, $depth > 0 ? 9 : 7)) {
            0 => null, 1 => $this->dice->getInt(PHP_INT_MIN, PHP_INT_MAX),
            2 => $this->pick([0.1, -1e308, 1e-320, 5e15]), 3 => true,
            4 => $this->pick(['', 'i1', 's1', '@back', '@game', '0', '9999', '1/0', '1e300', 'UDLR']),
            8 => [$this->value($depth - 1), $this->value($depth - 1)],
            9 => ['i1' => $this->value($depth - 1), 'id' => $this->value($depth - 1)],
            default => $this->text(),
        };
    }

    private function text(): string
    {
        $signs = $this->pick([
            ['a', 'b'], ['a', 'x', ' '], ['é', "e\u{301}", 'ß', 'İ'], ["\u{200B}", "\u{202E}", "\u{FEFF}", 'a'],
            ['👩‍🚀', '🇫🇷', '日'], ['1', '.', ',', '/', '-', '%', ' m'], ['*', '?', '\\', '{', '}', '$', '<'],
            ["\n", "\t", ' ', 'word'],
        ]);
        $length = $this->dice->getInt(0, 40) === 0 ? $this->pick([500, 20_000]) : $this->pick([0, 1, 3, 12, 12, 40]);

        return mb_substr(
            implode(
                '', array_map(fn (): string => $this->pick($signs), $length === 0 ? [] : range(1, min($length, 3000))),
            ),
            0, $length,
        );
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->dice->getInt(0, count($of) - 1)];
    }

    private function guarded(string $what, callable $do, mixed $with): mixed
    {
        $this->counts[$what]++;
        try {
            return $do();
        } catch (\Fravel\Exception\FravelException) {
            return null;
        } catch (Throwable $failure) {
            $where = basename($failure->getFile()).':'.$failure->getLine();
            $this->broken["{$what}: {$failure->getMessage()} at {$where}"] ??= mb_strimwidth(
                (string) json_encode($with, JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 200, '…',
            );

            return null;
        }
    }
}

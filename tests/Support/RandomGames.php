<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Valid games and lists of actions, drawn from a seed, for what must hold of all of them. */
final class RandomGames
{
    private Randomizer $dice;

    /** @param  bool  $isFull  with clips, hidden texts and the made-up kinds that must have been taught */
    public function __construct(int $seed, private readonly bool $isFull = false, private readonly int $scenes = 5)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $scenes = array_map($this->scene(...), range(0, $this->scenes - 1));
        $scenes[] = ['id' => 's5', 'ending' => ['kind' => 'won', 'md' => 'End.']];

        return Games::document($scenes, [
            'future' => ['kept' => (object) []],
            'chapters' => [['id' => 'c0', 'title' => 'One'], ['id' => 'c1', 'title' => 'Two']],
            'tokens' => [
                ['id' => 't0', 'name' => 'T0', 'kind' => 'item'], ['id' => 't1', 'name' => 'T1', 'kind' => 'flag'],
            ],
            'tallies' => [['id' => 'n0', 'name' => 'N0', 'start' => 0], ['id' => 'n1', 'name' => 'N1', 'start' => 1]],
        ]);
    }

    /** @return list<array<string, mixed>> some possible, some not */
    public function actions(int $count): array
    {
        return array_map(fn (): array => ['after' => $this->dice->getInt(0, 20)] + $this->action(), range(1, $count));
    }

    /** @param  list<mixed>  $of */
    public function pick(array $of): mixed
    {
        return $of[$this->dice->getInt(0, count($of) - 1)];
    }

    /** @return array<string, mixed> */
    private function action(): array
    {
        $scene = $this->dice->getInt(0, 5);

        return match ($this->dice->getInt(0, 7)) {
            0, 1 => ['choose' => "s{$scene}-go"],
            2,
            3 => [
                'answer' => "s{$scene}-lock",
                'with' => $this->pick(['yes', 'no', 'maybe', '', "s{$scene}-a", ['x'], null]),
            ],
            4 => ['hint' => "s{$scene}-lock"],
            5 => $this->pick([
                ['lift' => "s{$scene}-lid"], ['lower' => "s{$scene}-lid"],
                ['find' => "s{$scene}-find", 'with' => $this->pick(["s{$scene}-p", "s{$scene}-q", [], null])],
            ]),
            6 => ['back' => true],
            default => ['continue' => true],
        };
    }

    /** @return array<string, mixed> */
    private function scene(int $number): array
    {
        $id = "s{$number}";

        return [
            'id' => $id, 'chapter' => $this->pick(['c0', 'c1']), 'back' => $this->pick([true, false]),
            'needs' => $number > 0 && $this->dice->getInt(0, 3) === 0 ? $this->condition() : null,
            'refused' => [$this->reaction()], 'arrive' => $this->dice->getInt(0, 2) === 0 ? [$this->reaction()] : [],
            'next' => [$this->reaction()],
            'things' => [
                [
                    'id' => "{$id}-go", 'kind' => 'choice', 'md' => 'Go',
                    'react' => [$this->reaction(), $this->reaction()],
                ],
                [
                    'id' => "{$id}-lid", 'kind' => 'cover', 'opens' => $this->pick(['tap', 'lock']),
                    'lock' => "{$id}-lock", 'toggle' => true, 'back' => ['md' => "hidden-{$id}"],
                    'react' => $this->reaction(),
                ],
                $this->lock($id),
                ...($this->isFull ? $this->others($id) : []),
            ],
        ];
    }

    /** @return list<array<string, mixed>> */
    private function others(string $id): array
    {
        $dial = [
            'id' => "{$id}-dial", 'kind' => 'lock', 'ask' => '?', 'input' => ['type' => 'dial'],
            'rules' => [
                [
                    'match' => $this->pick([
                        ['equals' => '7'], ['number' => 5], ['all' => [['number' => 5], ['between' => [6, 9]]]],
                    ]),
                    'verdict' => 'open',
                ] + $this->reaction(),
            ],
        ];

        return $this->pick([
            [['id' => "{$id}-bell", 'kind' => 'bell', 'md' => 'Ring', 'rung' => [$this->reaction()]]],
            [[
                'id' => "{$id}-clip", 'kind' => 'clip', 'asset' => 'film',
                'cues' => [[
                    'id' => "{$id}-cue", 'at' => 3, 'react' => [$this->reaction()],
                    'things' => [[
                        'id' => "{$id}-in", 'kind' => 'choice', 'md' => 'In', 'react' => [$this->reaction()],
                    ]],
                ]],
            ]],
            [$dial],
            [[
                'id' => "{$id}-find", 'kind' => 'find', 'again' => $this->pick([true, false]),
                'boxes' => [
                    ['id' => "{$id}-p", 'ask' => 'P?', 'md' => 'P'], ['id' => "{$id}-q", 'ask' => 'Q?', 'md' => 'Q'],
                ],
                'react' => [$this->reaction()], 'otherwise' => [$this->reaction()],
            ]],
            [],
        ]);
    }

    /** @return array<string, mixed> */
    private function lock(string $id): array
    {
        $options = [
            'type' => 'options',
            'options' => [
                ['id' => "{$id}-a", 'md' => 'A', 'do' => [$this->effect()]], ['id' => "{$id}-b", 'md' => 'B'],
            ],
        ];
        $isTyped = $this->dice->getInt(0, 1) === 0;

        return [
            'id' => "{$id}-lock", 'kind' => 'lock', 'ask' => '?', 'input' => $isTyped ? ['type' => 'text'] : $options,
            'rules' => [
                [
                    'match' => $isTyped ? ['equals' => 'yes'] : ['options' => ["{$id}-a"]], 'verdict' => 'open',
                ] + $this->reaction(),
                [
                    'match' => $isTyped ? ['has' => ['maybe']] : ['options' => ["{$id}-b"]], 'verdict' => 'almost',
                ] + $this->reaction(),
            ],
            'otherwise' => [$this->reaction()], 'hints' => [['md' => "hint-{$id}"]],
            'guard' => ['tries' => 2, 'wait' => 10],
        ];
    }

    /** @return array<string, mixed> */
    private function reaction(): array
    {
        return array_filter([
            'if' => $this->dice->getInt(0, 3) === 0 ? $this->condition() : null,
            'say' => $this->pick(['', 'Words.']),
            'do' => $this->dice->getInt(0, 1) === 0 ? [$this->effect()] : [],
            'go' => $this->pick([
                ...array_map(static fn (int $number): string => "s{$number}", range(0, $this->scenes - 1)), 's5',
                '@back', '@chapter', '@start', '@stay', null,
            ]),
        ], static fn (mixed $field): bool => $field !== null);
    }

    /** @return array<string, mixed> */
    private function condition(): array
    {
        $scene = $this->dice->getInt(0, $this->scenes - 1);

        $madeUp = $this->isFull ? [
            ['hinted' => "s{$scene}-lock"], ['not' => ['hinted' => "s{$scene}-lock"]],
            ['found' => "s{$scene}-find"], ['firstTry' => ["s{$scene}-lock"], 'atLeast' => 1],
            ['hasOf' => ['t0', 't1'], 'atLeast' => 2],
        ] : [];

        return $this->pick([
            ...$madeUp,
            ['has' => 't0'], ['not' => ['has' => 't1']], ['open' => "s{$scene}-lock"],
            ['tally' => 'n0', 'is' => '>=', 'value' => 1],
            ['any' => [['visited' => 's1'], ['lifted' => "s{$scene}-lid"]]],
            ['tries' => "s{$scene}-lock", 'is' => '>', 'value' => 0], ['minutes' => 1, 'is' => '>='],
            ['leads' => 'n0', 'among' => ['n0', 'n1']],
        ]);
    }

    /** @return array<string, mixed> */
    private function effect(): array
    {
        $scene = $this->dice->getInt(0, $this->scenes - 1);

        $madeUp = $this->isFull ? [['swap' => 't0', 'for' => 't1'], ['swap' => 't1', 'for' => 't0']] : [];

        return $this->pick([
            ...$madeUp,
            ['give' => 't0'], ['take' => 't0'], ['give' => 't1'], ['add' => 'n0', 'by' => 1],
            ['set' => 'n0', 'to' => 0], ['open' => "s{$scene}-lock"],
            ['close' => "s{$scene}-lock"], ['lift' => "s{$scene}-lid"], ['lower' => "s{$scene}-lid"],
            ['forget' => 'c0'], ['must' => 'n1'], ['never' => 'n0'], ['set' => 'n1', 'to' => 1],
        ]);
    }
}

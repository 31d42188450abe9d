<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Answer\Input\Input;
use Fravel\Answer\Input\Inputs;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Answer\Matcher\Matchers;
use Fravel\Document\Reaction;
use Fravel\State\PlayState;
use Fravel\State\Verdict;
use Fravel\Support\Node;

/** One of several sets that a lock asks one after the other, until enough of them were right in a row. */
final readonly class Round
{
    private const MOST = 100;

    public function __construct(public string $id, public string $ask, public Input $input, public Matcher $match)
    {
    }

    /** @return list<self> */
    public static function listed(Node $node): array
    {
        return array_map(static fn (Node $round): self => new self(
            $round->id(),
            $round->text('ask'),
            Inputs::read($round->at('input')),
            Matchers::read($round->at('match')),
        ), array_slice($node->list('rounds'), 0, self::MOST));
    }

    /** @return array<string, mixed> */
    public static function schema(): array
    {
        return [
            'type' => 'array',
            'maxItems' => self::MOST,
            'description' => 'sets asked one after the other, in a fresh order at every attempt',
            'items' => [
                'type' => 'object',
                'properties' => [
                    'id' => ['$ref' => '#/$defs/id'],
                    'ask' => ['type' => 'string'],
                    'input' => ['$ref' => '#/$defs/input'],
                    'match' => ['$ref' => '#/$defs/matcher'],
                ],
                'required' => ['id', 'input', 'match'],
            ],
        ];
    }

    /** A lock that asks only this. */
    public function alone(Lock $lock): Lock
    {
        $common = $lock->common;
        $rule = new Rule($this->match, Verdict::Open, new Reaction(null, '', [], null));

        return new Lock(
            new Common(
                $this->id, $common->label, null, 0, $common->shape, [], $common->if, false,
            ),
            $this->ask, $this->input, $lock->clean, $lock->needs, [$rule], $lock->otherwise, [], $lock->hints,
            $lock->guard, $lock->look, null, $lock->tells(), $lock->object,
        );
    }

    /**
     * Which one a lock asks now: the play's seed and the tries so far draw the order, so each attempt has its own and
     * a page that is loaded again asks the same.
     *
     * @param  list<self>  $rounds
     */
    public static function asked(array $rounds, string $lock, PlayState $state): ?self
    {
        $draw = static fn (self $one): string => hash(
            'sha256', "{$state->seed}|{$lock}|{$state->triesOn($lock)}|{$one->id}",
        );
        usort($rounds, static fn (self $a, self $b): int => $draw($a) <=> $draw($b));

        return $rounds[$state->streaks[$lock] ?? 0] ?? null;
    }
}

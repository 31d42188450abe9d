<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Input\Inputs;
use Fravel\Answer\Refusal;
use Fravel\Answer\Weight;
use Fravel\Condition\Condition;
use Fravel\Condition\Conditions;
use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;
use Fravel\Document\Route;
use Fravel\Document\Showing;
use Fravel\Document\Trigger;
use Fravel\Effect\Effect;
use Fravel\State\Action;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** Asks for an answer and opens on the right one. */
final readonly class Lock extends Thing
{
    public const FIELDS = [
        'asset' => 'asset',
        'needs' => 'condition',
        'otherwise' => 'reactions',
        'opened' => 'reactions',
        'rules' => 'rules',
        'hints' => 'hints',
        'input' => 'input',
        'rounds' => 'rounds',
    ];

    /** How a lock speaks that has no right and wrong. */
    public const NOTED = 'noted';

    /** What an answer is that the teacher is to read. */
    public const WAITING = 'waiting';

    /** What a right answer is told that is one of several. */
    public const ROUND = 'round';

    /** How much more work an answer is that is taken as it was meant. */
    private const MEANT = 3;

    private const TELLS = ['open', 'right', self::NOTED];

    /** What opens visibly, and stays open. */
    private const OBJECTS = ['padlock', 'safe', 'chest', 'door', 'letter', 'drawers'];

    /** Kinds of answer that open something where nothing else is said; to the others one is right. */
    private const CODES = ['digits', 'keys', 'arrows', 'colours'];

    /**
     * @param  string  $look  how it stands on a stage: plate, object, picture or clear
     * @param  string  $object  as what it stands there, if as an object
     * @param  list<Rule>  $rules
     * @param  list<Reaction>  $otherwise
     * @param  list<Reaction>  $opened
     * @param  list<Hint>  $hints
     * @param  string  $tells  what a right answer is told: `open`, `right` or `noted`
     * @param  list<Round>  $rounds  asked one after the other in place of its own input; none for most
     * @param  int  $enough  how many of them must be right in a row; from 1 to as many as there are
     * @param  bool  $eye  whether an answer that would open it waits until the teacher has read it
     */
    public function __construct(
        Common $common,
        public string $ask,
        public Input $input,
        public Cleaning $clean,
        public ?Condition $needs,
        public array $rules,
        public array $otherwise,
        public array $opened,
        public array $hints,
        public ?Guard $guard,
        public string $look,
        public ?string $asset,
        private string $tells,
        public string $object,
        public bool $eye = false,
        public array $rounds = [],
        public int $enough = 1,
    ) {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        $rounds = Round::listed($node);
        $lock = new self(
            Common::read($node),
            $node->text('ask'),
            Inputs::read($node->at('input')),
            Cleaning::read($node->at('clean')),
            Conditions::maybe($node->at('needs')),
            array_map(Rule::read(...), $node->list('rules')),
            Reaction::listed($node, 'otherwise'),
            Reaction::listed($node, 'opened'),
            array_map(Hint::read(...), $node->list('hints')),
            Guard::maybe($node->at('guard')),
            $node->known('look', ['plate', 'object', 'picture', 'clear'], 'plate'),
            $node->maybeText('asset'),
            $node->known('tells', self::TELLS, self::usually($node)),
            $node->known('object', self::OBJECTS, self::OBJECTS[0]),
            $node->flag('eye'),
            $rounds,
            max(1, min($node->whole('enough', count($rounds), 1), count($rounds))),
        );

        if ($node->problems->areWanted && $lock->weight() > Weight::MOST) {
            $node->problems->add('lock.heavy', $node->pointer.'/rules');
        }

        return $lock;
    }

    public static function schema(): array
    {
        return [
            'ask' => ['type' => 'string'],
            'input' => ['$ref' => '#/$defs/input'],
            'clean' => ['$ref' => '#/$defs/clean'],
            'needs' => ['oneOf' => [['$ref' => '#/$defs/condition'], ['type' => 'null']]],
            'rules' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/rule']],
            'otherwise' => ['$ref' => '#/$defs/reactions'],
            'opened' => ['$ref' => '#/$defs/reactions'],
            'hints' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/hint']],
            'guard' => [
                'oneOf' => [
                    [
                        'type' => 'object',
                        'properties' => [
                            'tries' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 1000],
                            'wait' => [
                                'type' => 'integer',
                                'minimum' => 0,
                                'maximum' => 86400,
                                'description' => 'seconds',
                            ],
                        ],
                    ],
                    ['type' => 'null'],
                ],
            ],
            'object' => ['enum' => self::OBJECTS, 'description' => 'as what a lock of the look `object` stands'],
            'look' => [
                'enum' => ['button', 'picture', 'clear', 'plate', 'object'],
                'description' => 'choice: button, picture or clear; lock on a stage: plate, object, picture or clear',
            ],
            'asset' => ['type' => ['string', 'null']],
            'rounds' => Round::schema(),
            'enough' => [
                'type' => 'integer', 'minimum' => 1,
                'description' => 'rounds that must be right in a row; all where it is not said',
            ],
            'eye' => ['type' => 'boolean', 'description' => 'an answer that would open it waits for the teacher'],
            'tells' => [
                'enum' => self::TELLS,
                'description' => 'what a right answer is told: that it opens something, that it is right, or neither',
            ],
        ];
    }

    /** What a right answer is told: `open`, `right` or `noted`. */
    public function tells(): string
    {
        return $this->tells;
    }

    /** A code opens something, and so does what stands on a stage as something other than a plate. */
    private static function usually(Node $node): string
    {
        $isThing = in_array($node->at('look')->value, ['object', 'picture', 'clear'], true);

        return $isThing || in_array($node->at('input')->at('type')->value, self::CODES, true) ? 'open' : 'right';
    }

    /** How much work it is to judge one answer, in the steps of Weight. */
    public function weight(): int
    {
        $rounds = array_map(
            static fn (Round $round): int => Weight::BASE + $round->match->weight($round->input->longest()),
            $this->rounds,
        );

        $times = $this->clean->meant->isAny() ? self::MEANT : 1;

        return max([0, ...$rounds]) + $times * array_sum(
            array_map(
                fn (Rule $rule): int => Weight::BASE + $rule->match->weight($this->input->longest()),
                $this->rules,
            ),
        );
    }

    /** What was sent as an answer of this lock's input, or why it is none. */
    public function accept(mixed $sent, string $language): Answer|Refusal
    {
        return $this->input->accept($sent, $this->clean->in($language, "{$this->ask} {$this->input->unit()}"));
    }

    /** Seconds until it takes an answer again; more than its guard waits is no wait, but a clock that was put back. */
    public function waitIn(PlayState $state, int $now): int
    {
        $wait = $state->waitFor($this->id, $now);

        return $wait > ($this->guard->wait ?? 0) ? 0 : $wait;
    }

    /** The round that is asked now; null where it asks in none, or is open. */
    public function round(PlayState $state): ?Round
    {
        return $this->rounds === [] || $state->isOpen($this->id)
            ? null
            : Round::asked($this->rounds, $this->id, $state);
    }

    /** As it asks now: in a round, a lock of that round alone. */
    public function asked(PlayState $state): self
    {
        $round = $this->round($state);

        return $round === null ? $this : $round->alone($this);
    }

    /** The index of the rule that enough right rounds stand for. */
    public function openingRule(): ?int
    {
        $open = array_filter($this->rules, static fn (Rule $rule): bool => $rule->opens());

        return $open === [] ? null : (int) array_key_first($open);
    }

    /**
     * The index of the first rule that the answer matches. Where that is only since answers are taken as they were
     * meant, a rule that names just this answer comes before it.
     */
    public function ruleFor(Answer $answer): ?int
    {
        $caught = $this->firstFor($answer);
        if ($caught === null || ! $answer->cleaning->meant->isAny()) {
            return $caught;
        }
        $asWritten = new Answer($answer->value, $answer->cleaning->asWritten());
        if ($this->rules[$caught]->match->matches($asWritten)) {
            return $caught;
        }
        $exact = new Answer($answer->value, $answer->cleaning->exact());
        foreach ($this->rules as $index => $rule) {
            if ($rule->match->isLiteral() && $rule->match->matches($exact)) {
                return $index;
            }
        }

        return $caught;
    }

    private function firstFor(Answer $answer): ?int
    {
        foreach ($this->rules as $index => $rule) {
            if ($rule->match->matches($answer)) {
                return $index;
            }
        }

        return null;
    }

    /** Where the rule that opened it led; null when it led nowhere. */
    public function routeWhenOpen(PlayState $state): ?Route
    {
        $rule = $this->rules[$state->passes[$this->id] ?? -1] ?? null;

        return $rule?->reaction->go;
    }

    /** What was said when it was opened by an answer. */
    private function saidWhenOpen(PlayState $state): string
    {
        $rule = $this->rules[$state->passes[$this->id] ?? -1] ?? null;

        return $rule !== null && isset($state->answers[$this->id]) ? $rule->reaction->say : '';
    }

    /** @return list<array{ask: string, input: array<string, mixed>, answered: mixed}> the rounds that opened it */
    private function roundsShown(Showing $showing): array
    {
        $answers = $showing->state->answers[$this->id] ?? [];
        $asked = array_filter(
            $this->rounds, static fn (Round $round): bool => is_array($answers) && isset($answers[$round->id]),
        );

        return array_values(array_map(fn (Round $round): array => [
            'ask' => $showing->fill($round->ask),
            'input' => $round->input->shown($showing, $this->id),
            'answered' => is_array($answers) ? $answers[$round->id] : null,
        ], $asked));
    }

    private static function isAway(?Route $route): bool
    {
        return $route !== null && $route->to !== Route::STAY;
    }

    /** The hint that may be asked for now. */
    public function nextHint(PlayState $state, int $now): ?Hint
    {
        $hint = $this->hints[$state->hinted[$this->id] ?? 0] ?? null;
        if ($hint === null || ($hint->after !== null && ! $hint->after->holds($state, $now))) {
            return null;
        }

        return $hint;
    }

    public function shown(Showing $showing): array
    {
        $state = $showing->state;
        $given = array_slice($this->hints, 0, $state->hinted[$this->id] ?? 0);
        $open = $state->isOpen($this->id);
        $opened = $open ? Reaction::firing($this->opened, $state, $showing->now) : null;
        $round = $this->round($state);

        return [
            'look' => $this->look,
            'tells' => $this->tells,
            'object' => $this->object,
            'asset' => $this->asset,
            'ask' => $showing->fill($this->ask),
            'state' => $open ? 'open' : $state->verdicts[$this->id] ?? 'untouched',
            'input' => ($round->input ?? $this->input)->shown($showing, $this->id),
            'round' => $round === null ? null : [
                'ask' => $showing->fill($round->ask),
                'right' => $state->streaks[$this->id] ?? 0,
                'enough' => $this->enough,
            ],
            'ready' => $this->needs === null || $this->needs->holds($state, $showing->now),
            'wait' => $this->waitIn($state, $showing->now),
            'hints' => array_map(static fn (Hint $hint): string => $showing->fill($hint->md), $given),
            'hint' => ! $open && $this->nextHint($state, $showing->now) !== null,
            'isGiven' => $open && ! isset($state->passes[$this->id]),
            'rounds' => $open ? $this->roundsShown($showing) : [],
            'answered' => $open && $this->rounds === [] ? $state->answers[$this->id] ?? null : null,
            'held' => $this->held($state),
            'returned' => $showing->fill($open ? '' : $state->returned[$this->id] ?? ''),
            'said' => $open ? $showing->fill($this->saidWhenOpen($state)) : '',
            'opened' => $opened === null ? '' : $showing->fill($opened->say),
            'leads' => $open && self::isAway($this->opened === [] ? $this->routeWhenOpen($state) : $opened?->go),
        ];
    }

    /**
     * The answer that the teacher is to read, or has sent back.
     *
     * @return string|array<array-key, mixed>|null
     */
    private function held(PlayState $state): string|array|null
    {
        $isHeld = $state->isAwaited($this->id) || isset($state->returned[$this->id]);

        return $isHeld && ! $state->isOpen($this->id) ? $state->answers[$this->id] ?? null : null;
    }

    public function conditions(): array
    {
        return ['if' => $this->common->if, 'needs' => $this->needs];
    }

    public function reactions(): array
    {
        $rules = array_map(
            fn (Rule $rule): ReactionList => new ReactionList(
                $this->id,
                'rules',
                $rule->opens() ? Trigger::Right : Trigger::Wrong,
                [$rule->reaction],
                $rule->opens() ? Fact::open($this->id) : Fact::tries($this->id),
            ),
            $this->rules,
        );
        $hints = array_map(
            fn (Hint $hint): ReactionList => new ReactionList(
                $this->id,
                'hints',
                Trigger::Hint,
                [$hint->reaction()],
                Fact::hinted($this->id),
            ),
            $this->hints,
        );
        $picks = array_map(
            fn (array $effects): ReactionList => new ReactionList($this->id, 'input', Trigger::Pick, [
                new Reaction(null, '', $effects, null),
            ]),
            $this->input->effects(),
        );

        return [
            ...$rules,
            ...$hints,
            ...$picks,
            new ReactionList($this->id, 'otherwise', Trigger::Wrong, $this->otherwise, Fact::tries($this->id)),
            new ReactionList($this->id, 'opened', Trigger::Again, $this->opened),
        ];
    }

    public function actions(): array
    {
        return [['choose' => $this->id], ['hint' => $this->id]];
    }

    public function act(Action $action, Turn $turn): void
    {
        (new LockTurn($this, $turn))->act($action);
    }

    public function locks(): array
    {
        return [$this];
    }

    public function things(): array
    {
        return [];
    }

    public function thingsIn(PlayState $state): array
    {
        return [];
    }

    public function liftedBy(): ?string
    {
        return null;
    }

    public function keep(Keeping $keeping): void
    {
        LockKeeping::keep($this, $keeping);
    }

    public function onlyAdds(): bool
    {
        return array_filter($this->input->effects()) === [];
    }

    public function mayTake(): bool
    {
        return false;
    }

    public function isOpenEnd(): bool
    {
        return $this->opened === [] &&
            array_filter($this->rules, static fn (Rule $rule): bool => $rule->opens() && $rule->leadsOpen) !== [];
    }

    public function words(): array
    {
        $rounds = array_map(static fn (Round $round): Words => new Words($round->ask), $this->rounds);

        return [new Words($this->ask), ...$rounds];
    }

    public function lacksFile(): bool
    {
        return false;
    }

    /**
     * What comes of an answer that this rule catches, or none.
     *
     * @param  list<Effect>  $effects  of what the answer picks
     */
    public function judge(Turn $turn, ?int $index, array $effects): void
    {
        (new LockTurn($this, $turn))->judge($index, $effects);
    }

    /** Whether it may be asked for an answer now, if it is shown and not open. */
    public function isReady(PlayState $state, int $now): bool
    {
        return $this->needs === null || $this->needs->holds($state, $now);
    }
}

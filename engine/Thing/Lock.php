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
use Fravel\State\EventKind;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\State\Verdict;
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
    ];

    /**
     * @param  string  $look  how it stands on a stage: plate, picture or clear
     * @param  list<Rule>  $rules
     * @param  list<Reaction>  $otherwise
     * @param  list<Reaction>  $opened
     * @param  list<Hint>  $hints
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
    ) {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
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
            $node->known('look', ['plate', 'picture', 'clear'], 'plate'),
            $node->maybeText('asset'),
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
            'look' => [
                'enum' => ['button', 'picture', 'clear', 'plate'],
                'description' => 'choice: button, picture or clear; lock on a stage: plate, picture or clear',
            ],
            'asset' => ['type' => ['string', 'null']],
        ];
    }

    /** How much work it is to judge one answer, in the steps of Weight. */
    public function weight(): int
    {
        return array_sum(
            array_map(
                fn (Rule $rule): int => Weight::BASE + $rule->match->weight($this->input->longest()),
                $this->rules,
            ),
        );
    }

    /** What was sent as an answer of this lock's input, or why it is none. */
    public function accept(mixed $sent, string $language): Answer|Refusal
    {
        return $this->input->accept($sent, $this->clean->in($language));
    }

    /** Seconds until it takes an answer again; never more than its guard waits, whatever became of the clock since. */
    public function waitIn(PlayState $state, int $now): int
    {
        return min($state->waitFor($this->id, $now), $this->guard->wait ?? 0);
    }

    /** The index of the first rule that the answer matches. */
    public function ruleFor(Answer $answer): ?int
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

        return [
            'look' => $this->look,
            'asset' => $this->asset,
            'ask' => $showing->fill($this->ask),
            'state' => $open ? 'open' : $state->verdicts[$this->id] ?? 'untouched',
            'input' => $this->input->shown($showing, $this->id),
            'ready' => $this->needs === null || $this->needs->holds($state, $showing->now),
            'wait' => $this->waitIn($state, $showing->now),
            'hints' => array_map(static fn (Hint $hint): string => $showing->fill($hint->md), $given),
            'hint' => ! $open && $this->nextHint($state, $showing->now) !== null,
            'opened' => $opened === null ? '' : $showing->fill($opened->say),
            'leads' => $open && ($this->opened === [] ? $this->routeWhenOpen($state) : $opened?->go) !== null,
        ];
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
        match ($action->verb) {
            'choose' => $this->passOpened($turn),
            'answer' => $this->answer($turn, $action->with),
            'hint' => $this->giveHint($turn),
            default => $turn->refuse('thing.other'),
        };
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
        $open = Fact::open($this->id);
        // Where tries or hints are looked at it matters that an open lock takes none.
        $isCounted = $keeping->sees(Fact::tries($this->id)) || $keeping->sees(Fact::hinted($this->id));
        $isSeen = $keeping->sees($open) || ($isCounted && ! $keeping->isRisingOnly());
        $isFollowed = $isSeen || ! $this->isSameEachTime($keeping->isRisingOnly());
        if ($isFollowed) {
            $keeping->keep($open);
            $this->keepPass($keeping);
        }
        if (! $keeping->isRisingOnly() && $keeping->sees(Fact::tries($this->id))) {
            $keeping->count(Fact::tries($this->id), null);
        }
        if (
            $keeping->sees(Fact::hinted($this->id)) ||
            array_filter($this->hints, static fn (Hint $hint): bool => $hint->effects !== []) !== []
        ) {
            $keeping->count(Fact::hinted($this->id), count($this->hints));
        }
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
        return [new Words($this->ask)];
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
        $rule = $index === null ? null : $this->rules[$index];
        $verdict = $rule->verdict ?? Verdict::Wrong;
        $turn->note(EventKind::Answered, $this->id, $verdict->value, $index ?? 'otherwise');
        $verdict->isTry()
            ? $this->countTry($turn, $verdict)
            : $turn->become($turn->state()->openLock($this->id, $index));
        $turn->apply($effects);
        $turn->fire($rule === null ? $this->otherwise : [$rule->reaction]);
    }

    /** Whether it may be asked for an answer now, if it is shown and not open. */
    public function isReady(PlayState $state, int $now): bool
    {
        return $this->needs === null || $this->needs->holds($state, $now);
    }

    /** An open lock may be passed again: by what its place does, else by where it led when it opened. */
    private function passOpened(Turn $turn): void
    {
        $route = $this->routeWhenOpen($turn->state());
        if ($this->opened !== [] && $turn->state()->isOpen($this->id)) {
            $turn->fire($this->opened);
        } elseif ($route !== null && $turn->state()->isOpen($this->id)) {
            $turn->follow($route);
        } else {
            $turn->refuse('lock.shut');
        }
    }

    private function answer(Turn $turn, mixed $sent): void
    {
        $state = $turn->state();
        $wait = $this->waitIn($state, $turn->now());
        if ($state->isOpen($this->id) || ! $this->isReady($state, $turn->now()) || $wait > 0) {
            match (true) {
                $state->isOpen($this->id) => $turn->refuse('lock.open'),
                $this->isReady($state, $turn->now()) => $turn->refuse('lock.guarded', ['seconds' => $wait]),
                default => $turn->refuse('lock.not-ready'),
            };

            return;
        }
        $answer = $this->accept($sent, $turn->game()->language());
        if ($answer instanceof Refusal) {
            $turn->refuse($answer->code, $answer->arguments);

            return;
        }
        $this->judge($turn, $this->ruleFor($answer), $this->input->effectsOf($answer));
    }

    private function countTry(Turn $turn, Verdict $verdict): void
    {
        $state = $turn->state()->countTry($this->id, $verdict);
        if ($this->guard !== null && $this->guard->closesAfter($state->triesOn($this->id))) {
            $state = $state->guard($this->id, $turn->now() + $this->guard->wait);
        }
        $turn->become($state);
    }

    private function giveHint(Turn $turn): void
    {
        $state = $turn->state();
        $hint = $state->isOpen($this->id) ? null : $this->nextHint($state, $turn->now());
        if ($hint === null) {
            $turn->refuse('hint.none');

            return;
        }
        $turn->note(EventKind::Hinted, $this->id, $state->hinted[$this->id] ?? 0);
        $turn->become($state->hint($this->id));
        $turn->apply($hint->effects);
    }

    /** By which rule an open lock was opened decides where it leads again, unless all lead the same way. */
    private function keepPass(Keeping $keeping): void
    {
        $ways = $this->waysOpen();
        if ($ways === [] || $this->opened !== []) {
            return;
        }
        if (count($ways) > 1 || $keeping->isChangedByEffect(Fact::open($this->id))) {
            $keeping->count(Fact::pass($this->id), null);

            return;
        }
        $keeping->passBy(
            $this->id,
            (int) array_key_first(array_filter($this->rules, static fn (Rule $rule): bool => $rule->opens())),
        );
    }

    /** Whether it makes no difference to have opened it: it only leads on, the same way each time. */
    private function isSameEachTime(bool $isRisingOnly): bool
    {
        foreach ($this->reactions() as $list) {
            $isLeft = $isRisingOnly && $list->on === Trigger::Wrong;
            if (! $isLeft && $list->on !== Trigger::Right && $list->acts()) {
                return false;
            }
        }
        foreach ($this->rules as $rule) {
            if ($rule->opens() && ($rule->reaction->effects !== [] || $rule->reaction->if !== null)) {
                return false;
            }
        }

        return $this->needs === null && count($this->waysOpen()) < 2;
    }

    /** @return list<string> where its rules lead when they open it; '' for staying */
    private function waysOpen(): array
    {
        $open = array_filter($this->rules, static fn (Rule $rule): bool => $rule->opens());

        return array_values(
            array_unique(array_map(static fn (Rule $rule): string => $rule->reaction->go->to ?? '', $open)),
        );
    }
}

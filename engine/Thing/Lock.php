<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Input\Inputs;
use Fravel\Answer\Refusal;
use Fravel\Condition\Condition;
use Fravel\Condition\Conditions;
use Fravel\Document\Reaction;
use Fravel\Document\Route;
use Fravel\Document\Showing;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** Asks for an answer and opens on the right one. */
final readonly class Lock extends Thing
{
    public const REFERS = ['asset' => 'asset'];

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
        return new self(
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
            'state' => $open ? 'open' : ($state->verdicts[$this->id] ?? 'untouched'),
            'input' => $this->input->shown($showing, $this->id),
            'ready' => $this->needs === null || $this->needs->holds($state, $showing->now),
            'wait' => $this->waitIn($state, $showing->now),
            'hints' => array_map(static fn (Hint $hint): string => $showing->fill($hint->md), $given),
            'hint' => ! $open && $this->nextHint($state, $showing->now) !== null,
            'opened' => $opened === null ? '' : $showing->fill($opened->say),
            'leads' => $open && ($this->opened === [] ? $this->routeWhenOpen($state) : $opened?->go) !== null,
        ];
    }
}

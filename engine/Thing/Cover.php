<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;
use Fravel\Document\Showing;
use Fravel\Document\Trigger;
use Fravel\State\Action;
use Fravel\State\EventKind;
use Fravel\State\Fact;
use Fravel\Support\Node;

/** Hides its back until lifted: by tap, by pulling, by sliding across, or by a lock. */
final readonly class Cover extends Thing
{
    use HoldsNothing;

    public const FIELDS = [
        'lock' => 'lock',
        'react' => 'reactions',
        'front' => 'face',
        'back' => 'face',
        'sound' => 'asset',
    ];

    /** Characters of a guess that are kept. */
    private const LONGEST_GUESS = 200;

    /** What may be told of the back, once it is seen. */
    private const MARKS = ['', 'right', 'wrong'];

    /**
     * @param  list<Reaction>  $react
     * @param  string  $mark  one of MARKS
     * @param  string  $markWords  beside the mark, or instead of it
     * @param  string|null  $sound  an asset that is heard when it is lifted, once a student wants sounds
     * @param  bool  $guess  whether a guess comes first, where it is tapped
     */
    public function __construct(
        Common $common,
        public Face $front,
        public Face $back,
        public string $opens,
        public bool $toggle,
        public string $toward,
        public ?string $lock,
        public array $react,
        public string $mark,
        public string $markWords,
        private bool $guess,
        public ?string $sound,
    ) {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(
            Common::read($node),
            Face::read($node->at('front')),
            Face::read($node->at('back')),
            $node->oneOf('opens', ['tap', 'pull', 'slide', 'lock'], 'tap'),
            $node->flag('toggle'),
            $node->oneOf('toward', ['left', 'right', 'up', 'down'], 'up'),
            $node->maybeText('lock'),
            Reaction::listed($node, 'react'),
            $node->known('mark', self::MARKS, ''),
            $node->text('markWords'),
            $node->flag('guess'),
            $node->maybeText('sound'),
        );
    }

    public static function schema(): array
    {
        return [
            'front' => ['$ref' => '#/$defs/face'],
            'back' => ['$ref' => '#/$defs/face'],
            'opens' => ['enum' => ['tap', 'pull', 'slide', 'lock']],
            'toggle' => ['type' => 'boolean'],
            'toward' => ['enum' => ['left', 'right', 'up', 'down']],
            'lock' => ['type' => ['string', 'null']],
            'react' => ['$ref' => '#/$defs/reactions'],
            'mark' => ['enum' => self::MARKS],
            'markWords' => ['type' => 'string'],
            'guess' => ['type' => 'boolean'],
            'sound' => ['type' => ['string', 'null']],
        ];
    }

    /** Whether a guess is asked for before it is lifted. */
    public function asksFirst(): bool
    {
        return $this->guess && $this->opens === 'tap';
    }

    public function isLiftedByHand(): bool
    {
        return $this->opens !== 'lock';
    }

    public function shown(Showing $showing): array
    {
        $lifted = $showing->state->isLifted($this->id);

        return [
            'lifted' => $lifted,
            'opens' => $this->opens,
            'toggle' => $this->toggle,
            'toward' => $this->toward,
            'face' => ($lifted ? $this->back : $this->front)->shown($showing),
            'front' => $this->front->shown($showing),
            'isClear' => $lifted && $this->back->isClear(),
            'mark' => $lifted ? $this->mark : '',
            'markWords' => $lifted ? $showing->fill($this->markWords) : '',
            'sound' => $lifted ? $this->sound : null,
            'asksFirst' => $this->asksFirst(),
            'guess' => $showing->state->answers[$this->id] ?? '',
            'judged' => $showing->state->verdicts[$this->id] ?? '',
        ];
    }

    public function answered(): array
    {
        $back = trim($this->back->md.($this->markWords === '' ? '' : " ({$this->markWords})"));

        return [[$this->front->md !== '' ? $this->front->md : $this->common->label, $back]];
    }

    public function conditions(): array
    {
        return ['if' => $this->common->if];
    }

    public function reactions(): array
    {
        return [new ReactionList($this->id, 'react', Trigger::Act, $this->react, Fact::lifted($this->id))];
    }

    public function actions(): array
    {
        return [
            ['lift' => $this->id] + ($this->asksFirst() ? ['with' => '?'] : []),
            ['lower' => $this->id],
        ];
    }

    public function act(Action $action, Turn $turn): void
    {
        match ($action->verb) {
            'lift' => $this->lift($turn, $action->with),
            'judge' => $this->judge($turn, $action->with),
            'lower' => $this->lower($turn),
            default => $turn->refuse('thing.other'),
        };
    }

    public function liftedBy(): ?string
    {
        return $this->isLiftedByHand() ? null : $this->lock;
    }

    public function keep(Keeping $keeping): void
    {
        $acts = array_filter($this->react, static fn (Reaction $reaction): bool => $reaction->acts()) !== [];
        if ($acts || $keeping->sees(Fact::lifted($this->id))) {
            $keeping->keep(Fact::lifted($this->id));
        }
    }

    public function onlyAdds(): bool
    {
        return true;
    }

    public function mayTake(): bool
    {
        return $this->toggle;
    }

    public function isOpenEnd(): bool
    {
        return false;
    }

    public function words(): array
    {
        return [$this->front->words(), $this->back->words()];
    }

    public function lacksFile(): bool
    {
        return false;
    }

    private function lift(Turn $turn, mixed $with): void
    {
        if (! $this->isLiftedByHand() || $turn->state()->isLifted($this->id)) {
            $turn->refuse($this->isLiftedByHand() ? 'cover.lifted' : 'cover.locked');

            return;
        }
        $guess = is_string($with) ? mb_substr(trim($with), 0, self::LONGEST_GUESS) : '';
        if ($this->asksFirst() && $guess === '') {
            $turn->refuse('cover.guess');

            return;
        }
        $turn->become($turn->state()->lift($this->id));
        if ($this->asksFirst()) {
            $turn->become($turn->state()->keepGuess($this->id, $guess));
        }
        $turn->fire($this->react);
    }

    /** What the student says of the own guess, having seen the back. */
    private function judge(Turn $turn, mixed $with): void
    {
        $isAsked = $this->asksFirst() && $turn->state()->isLifted($this->id);
        if (! $isAsked || ! in_array($with, ['right', 'wrong'], true)) {
            $turn->refuse('thing.other');

            return;
        }
        $turn->note(EventKind::Marked, $this->id, $with);
        $turn->become($turn->state()->mark($this->id, $with, false));
    }

    private function lower(Turn $turn): void
    {
        if (! $this->toggle || ! $turn->state()->isLifted($this->id)) {
            $turn->refuse('cover.stays');

            return;
        }
        $turn->become($turn->state()->lower($this->id));
        if ($this->asksFirst()) {
            $turn->become($turn->state()->dropGuess($this->id));
        }
    }
}

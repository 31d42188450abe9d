<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Condition\Condition;
use Fravel\Condition\Conditions;
use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;
use Fravel\Document\Route;
use Fravel\Document\Showing;
use Fravel\Document\Trigger;
use Fravel\Film\Moment;
use Fravel\Film\Stop;
use Fravel\State\Action;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/**
 * A film or a sound with stops: scenes that open at moments of it. From one stop that waits to the next it runs freely;
 * nobody comes to what lies behind one that is not done.
 */
final readonly class Clip extends Thing
{
    public const FIELDS = [
        'asset' => 'asset',
        'captions' => 'asset',
        'poster' => 'asset',
        'moments' => 'moments',
        'cues' => 'cues',
    ];

    /**
     * @param  string  $source  address of a file elsewhere, where the game has none of its own
     * @param  float  $length  seconds, as far as known; else 0
     * @param  list<Line>  $lines  captions, in the order of their beginnings
     * @param  list<Moment>  $moments
     * @param  list<Stop>  $stops  in the order of their moments
     * @param  list<Cue>  $cues
     * @param  bool  $free  whether one may leave its scene before it is through
     * @param  Condition|null  $through  when it may have come to its end; null for always
     */
    public function __construct(
        Common $common,
        public ?string $asset,
        public string $source,
        public float $length,
        public ?string $captions,
        public array $lines,
        public ?string $poster,
        public array $moments,
        public array $stops,
        public array $cues,
        public bool $free,
        private ?Condition $through,
    ) {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(
            Common::read($node),
            $node->maybeText('asset'),
            self::address($node),
            max(0.0, (float) $node->number('length')),
            $node->maybeText('captions'),
            Line::listed($node),
            $node->maybeText('poster'),
            array_map(static fn (Node $one): Moment => Moment::read($one), $node->list('moments')),
            array_map(static fn (Node $one): Stop => Stop::read($one, $one->text('id')), $node->list('stops')),
            array_map(Cue::read(...), $node->list('cues')),
            $node->flag('free'),
            Conditions::maybe($node->at('through')),
        );
    }

    public static function schema(): array
    {
        return [
            'asset' => ['type' => ['string', 'null']],
            'source' => ['type' => 'string', 'description' => 'https address of a file elsewhere'],
            'length' => ['type' => 'number', 'minimum' => 0, 'description' => 'seconds'],
            'captions' => ['type' => ['string', 'null']],
            'lines' => Line::schema(),
            'poster' => ['type' => ['string', 'null']],
            'moments' => [
                'type' => 'array',
                'description' => 'that routes may lead to; passages where they end',
                'items' => [
                    'type' => 'object',
                    'properties' => [
                        'id' => ['$ref' => '#/$defs/id'],
                        'title' => ['type' => 'string'],
                        'at' => ['type' => 'number', 'minimum' => 0, 'description' => 'seconds'],
                        'until' => ['type' => ['number', 'null'], 'description' => 'seconds'],
                    ],
                    'required' => ['id', 'at'],
                ],
            ],
            'cues' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/cue']],
            'free' => ['type' => 'boolean', 'description' => 'one may go on before it is through'],
        ];
    }

    /** Where a file elsewhere lies, if over a connection that nobody listens to; '' for anything else. */
    private static function address(Node $node): string
    {
        $source = $node->text('source');
        if ($source === '' || preg_match('~^https://[a-z0-9.-]+(?::\d{1,5})?/[^\s"\'<>;,]*$~iD', $source) === 1) {
            return $source;
        }
        $node->at('source')->wrong('an https:// address');

        return '';
    }

    public function cue(string $id): ?Cue
    {
        foreach ($this->cues as $cue) {
            if ($cue->id === $id) {
                return $cue;
            }
        }

        return null;
    }

    /**
     * When stops open is shown, what they ask is not; and of stops and captions only those of what may be seen by now.
     */
    public function shown(Showing $showing): array
    {
        $state = $showing->state;
        $entries = $this->entries($state);
        $stops = $this->stopsShown($showing);
        $reached = self::reached($entries, $stops);
        $film = $state->film[$this->id] ?? ['at' => 0, 'until' => null, 'then' => null, 'times' => 0];

        return [
            'asset' => $this->asset,
            'source' => $this->asset === null ? $this->source : '',
            'lines' => array_values(array_map(
                static fn (Line $line): array => get_object_vars($line),
                array_filter(
                    $this->lines, static fn (Line $line): bool => self::isIn($reached, $line->at, $line->until),
                ),
            )),
            'poster' => $this->poster,
            'length' => $this->length,
            'at' => $film['at'],
            'until' => $film['until'],
            'then' => $film['then'],
            'times' => $film['times'],
            'stops' => array_values(array_filter(
                $stops,
                static fn (array $stop): bool => $stop['isSeen'] || self::isIn($reached, $stop['at'], $stop['at']),
            )),
            'entries' => $entries,
            'reached' => array_map(
                static fn (array $part): array => [$part[0], is_finite($part[1]) ? $part[1] : null], $reached,
            ),
            'cues' => array_values(array_map(
                static fn (Cue $cue): array => ['id' => $cue->id, 'at' => $cue->at, 'pause' => $cue->pause],
                array_filter($this->cues, static fn (Cue $cue): bool => self::isIn($reached, $cue->at, $cue->at)),
            )),
        ];
    }

    /**
     * From each entry the film may be seen up to the first stop that waits.
     *
     * @param  list<float>  $entries
     * @param  list<array{at: float, lasts: float|null, isDone: bool}>  $stops
     * @return list<array{float, float}> from and to, in seconds
     */
    private static function reached(array $entries, array $stops): array
    {
        $waiting = array_column(array_filter(
            $stops, static fn (array $stop): bool => $stop['lasts'] === null && ! $stop['isDone'],
        ), 'at');

        return array_map(static fn (float $from): array => [
            $from, min([INF, ...array_filter($waiting, static fn (float $at): bool => $at >= $from)]),
        ], $entries);
    }

    /** @param  list<array{float, float}>  $reached */
    private static function isIn(array $reached, float $from, float $to): bool
    {
        foreach ($reached as [$begin, $end]) {
            if ($to >= $begin && $from <= $end) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{id: string, at: float, lasts: float|null, isDone: bool, isOpen: bool,
     *     isSeen: bool}> */
    private function stopsShown(Showing $showing): array
    {
        $met = array_filter(
            $this->stops, static fn (Stop $stop): bool => $stop->isMet($showing->state, $showing->now),
        );

        return array_values(array_map(static fn (Stop $stop): array => [
            'id' => $stop->id,
            'at' => $stop->at,
            'lasts' => $stop->lasts,
            'isDone' => $stop->isDone($showing->state, $showing->now),
            'isOpen' => $stop->isOpen($showing->state, $showing->now),
            'isSeen' => $showing->state->hasVisited($stop->id),
        ], $met));
    }

    /** @return list<float> seconds from which the film may run: its beginning, and where somebody was led to in it */
    private function entries(PlayState $state): array
    {
        $led = array_filter(
            [...$this->moments, ...$this->stops],
            static fn (Moment|Stop $one): bool => $state->hasVisited($one->id),
        );

        return [0.0, ...array_values(array_map(static fn (Moment|Stop $one): float => $one->at, $led))];
    }

    public function conditions(): array
    {
        return array_merge(
            ['if' => $this->common->if],
            ...array_map(static fn (Stop $stop): array => $stop->conditions(), $this->stops),
        );
    }

    public function reactions(): array
    {
        $stops = array_map(
            fn (Stop $stop): ReactionList => new ReactionList($this->id, 'stops', Trigger::Cue, [
                new Reaction(null, '', [], new Route($stop->id)),
            ]),
            $this->stops,
        );

        return [...$stops, ...array_map(
            static fn (Cue $cue): ReactionList => new ReactionList(
                $cue->id,
                'react',
                Trigger::Cue,
                $cue->react,
                Fact::cued($cue->id),
            ),
            $this->cues,
        )];
    }

    public function actions(): array
    {
        return array_map(
            static fn (Stop|Cue $one): array => ['cue' => $one->id], [...$this->stops, ...$this->cues],
        );
    }

    public function act(Action $action, Turn $turn): void
    {
        $stop = $action->verb === 'cue' ? $this->stop($action->on) : null;
        if ($stop !== null) {
            $this->open($stop, $turn);

            return;
        }
        $cue = $action->verb === 'cue' ? $this->cue($action->on) : null;
        // A cue is passed once: winding a clip back gives nothing twice.
        if ($cue === null || in_array($cue->id, $turn->state()->cued, true)) {
            $turn->refuse($cue === null ? 'thing.other' : 'cue.passed');

            return;
        }
        $turn->become($turn->state()->passCue($cue->id));
        $turn->fire($cue->react);
    }

    public function holdsUp(PlayState $state, int $now): bool
    {
        return $this->through !== null && ! $this->through->holds($state, $now);
    }

    private function open(Stop $stop, Turn $turn): void
    {
        if (! $stop->isOpen($turn->state(), $turn->now()) || ! $stop->isMet($turn->state(), $turn->now())) {
            $turn->refuse($stop->isMet($turn->state(), $turn->now()) ? 'stop.ahead' : 'stop.spared');

            return;
        }
        $turn->follow(new Route($stop->id));
    }

    private function stop(string $id): ?Stop
    {
        return array_column($this->stops, null, 'id')[$id] ?? null;
    }

    public function locks(): array
    {
        return [];
    }

    public function things(): array
    {
        return array_merge([], ...array_map(static fn (Cue $cue): array => $cue->things, $this->cues));
    }

    public function thingsIn(PlayState $state): array
    {
        return array_merge(
            [],
            ...array_map(
                static fn (Cue $cue): array => in_array($cue->id, $state->cued, true) ? $cue->things : [],
                $this->cues,
            ),
        );
    }

    public function liftedBy(): ?string
    {
        return null;
    }

    public function keep(Keeping $keeping): void
    {
        foreach ($this->cues as $cue) {
            $keeping->keep(Fact::cued($cue->id));
        }
    }

    public function onlyAdds(): bool
    {
        return true;
    }

    public function mayTake(): bool
    {
        return false;
    }

    public function isOpenEnd(): bool
    {
        return false;
    }

    public function words(): array
    {
        return [];
    }

    public function lacksFile(): bool
    {
        return ($this->asset ?? '') === '' && $this->source === '';
    }

    public function isMeantBy(Action $action): bool
    {
        return $action->verb === 'cue'
            ? $this->cue($action->on) !== null || $this->stop($action->on) !== null
            : parent::isMeantBy($action);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Thing\Keeping;
use Fravel\Thing\Thing;

/**
 * Packs a state of play, as far as the search must tell it from others, into one string, and unpacks it.
 *
 * The string holds the scene (2 bytes), the time (2), each number that is followed (2 each: its place in a list of
 * values) and then one bit for each thing that is held, open, lifted, visited or passed. Comparing, joining and cutting
 * out then are single operations on strings.
 */
final class StateCodec implements Keeping
{
    /** Field of a state for each kind of fact that is so or not, and for each that is a number. */
    private const BITS = [
        'token' => 'tokens',
        'open' => 'open',
        'lifted' => 'lifted',
        'found' => 'found',
        'visited' => 'visited',
        'cued' => 'cued',
        'decided' => 'decided',
        'ruledOut' => 'ruledOut',
    ];

    private const COUNTS = ['tally' => 'tallies', 'tries' => 'tries', 'hinted' => 'hinted'];

    /** Numbers that say which, not how many. */
    private const PLACES = ['pass', 'from'];

    /** Most different values of one number; past it the search gives up. */
    private const MOST_VALUES = 60_000;

    /** Where the numbers begin, in bytes. */
    public const NUMBERS = 4;

    /** @var list<string> */
    public readonly array $scenes;

    /** @var list<int> seconds since the play began */
    public readonly array $times;

    /** @var array<string, int> "token:lens", "open:door", … → bit */
    private array $bits = ['ended:' => 0];

    /**
     * @var array<string, int> "tally:points", "tries:door", "pass:door", "hinted:door", "from:hall" → offset in bytes
     */
    private array $numbers = [];

    /** @var array<int, list<int|float>> offset → values met so far; the first is 0 */
    private array $values = [];

    /** @var array<int, array<int|string, int>> offset → value → its place */
    private array $places = [];

    /** @var array<int, int|float> offset → numbers above this are as one */
    private array $caps = [];

    /** @var array<int, array{string, string}> bit → kind of fact and id */
    private array $names = [0 => ['ended', '']];

    /** @var array<int, array{string, string}> offset → kind of number and id */
    private array $followed = [];

    /** @var array<string, int> lock → the rule that opens it, where all lead the same way */
    private array $usualPass = [];

    /**
     * Whether a number took more values than can be told apart, or conditions look at something not known here: then
     * nothing is proved.
     */
    public bool $isOverfull = false;

    /** @var array<string, list<string>> thing → facts of its own */
    private array $kept = [];

    /** The thing that is asked for its facts just now. */
    private string $asked = '';

    /** @var array<string, int> */
    private readonly array $sceneNumbers;

    /** Bytes before the bits. */
    public readonly int $head;

    public readonly int $length;

    /** @param  list<string>  $before  scenes in the order of an earlier codec, whose numbers they keep */
    public function __construct(
        GameDocument $game,
        public readonly ObservedState $observed,
        private readonly bool $isMonotone,
        array $before = [],
    ) {
        $this->scenes =
            $before === [] ? $game->sceneIds() : array_values(array_unique([...$before, ...$game->sceneIds()]));
        $this->sceneNumbers = array_flip($this->scenes);
        $this->times = $observed->times();
        $this->follow($game);
        $this->head = self::NUMBERS + 2 * count($this->numbers);
        $this->length = $this->head + intdiv(count($this->bits) + 7, 8);
    }

    /**
     * Whether states packed by the other one mean the same here; then it goes on counting where the other one stopped.
     */
    public function continues(self $other): bool
    {
        foreach (['bits', 'numbers', 'caps', 'usualPass', 'times', 'kept', 'isOverfull', 'isMonotone'] as $part) {
            if ($this->{$part} !== $other->{$part}) {
                return false;
            }
        }
        if (
            ! $this->observed->isLike($other->observed) ||
            array_slice($this->scenes, 0, count($other->scenes)) !== $other->scenes
        ) {
            return false;
        }
        [$this->values, $this->places] = [$other->values, $other->places];

        return true;
    }

    public function pack(PlayState $state, int $time): string
    {
        $numbers = array_fill(0, count($this->numbers), 0);
        foreach ($this->numbersOf($state) as $offset => $value) {
            $numbers[($offset - self::NUMBERS) >> 1] = $this->placeOf($offset, $value);
        }
        $bytes = array_fill(0, $this->length - $this->head, 0);
        foreach ($this->factsOf($state) as $fact) {
            $bit = $this->bits[$fact] ?? null;
            if ($bit !== null) {
                $bytes[$bit >> 3] |= 1 << ($bit & 7);
            }
        }

        return pack('nn', $this->sceneNumbers[$state->scene] ?? 0, $time).
            ($numbers === [] ? '' : pack('n*', ...$numbers)).
            pack('C*', ...$bytes);
    }

    public function unpack(string $packed): PlayState
    {
        $held = array_fill_keys([...array_keys(self::BITS), 'ended'], []);
        foreach ($this->bitsOf($packed) as $bit) {
            [$kind, $id] = $this->names[$bit];
            $held[$kind][] = $id;
        }
        $numbers = array_fill_keys([...array_keys(self::COUNTS), ...self::PLACES], []);
        foreach ($this->offsetsOf($packed) as $offset) {
            [$kind, $id] = $this->followed[$offset];
            $numbers[$kind][$id] = $this->valueAt($packed, $offset);
        }
        $fields = ['scene' => $this->sceneOf($packed), 'ended' => $held['ended'] === [] ? null : ''];
        foreach (self::BITS as $kind => $field) {
            $fields[$field] = $held[$kind];
        }
        foreach (self::COUNTS as $kind => $field) {
            $fields[$field] = $numbers[$kind];
        }

        return PlayState::fromArray(
            $fields + [
                'passes' => array_map(static fn (int|float $rule): int => (int) $rule - 1, $numbers['pass']) +
                    array_intersect_key($this->usualPass, array_flip($held['open'])),
                'from' => array_map(fn (int|float $scene): string => $this->scenes[(int) $scene - 1], $numbers['from']),
            ],
        );
    }

    /** @return list<string> facts of its own that a thing, and those inside it, are followed by */
    public function keptBy(ThingRoutes $routes): array
    {
        return array_merge([], ...array_map(fn (Thing $thing): array => $this->kept[$thing->id] ?? [], $routes->all));
    }

    public function sees(string $fact): bool
    {
        return $this->observed->sees($fact);
    }

    public function isChangedByEffect(string $fact): bool
    {
        return isset($this->observed->routes->changed[$fact]);
    }

    public function isRisingOnly(): bool
    {
        return $this->isMonotone;
    }

    public function keep(string $fact): void
    {
        $this->addBit($fact);
        $this->kept[$this->asked][] = $fact;
    }

    public function count(string $fact, int|float|null $most): void
    {
        $most = $this->sees($fact) && $most === null ? $this->observed->most($fact) : $most;
        $this->addNumber($fact, $most);
        $this->kept[$this->asked][] = $fact;
    }

    public function passBy(string $lock, int $rule): void
    {
        $this->usualPass[$lock] = $rule;
    }

    /**
     * The facts that are followed of these, as a mask with their bits and bytes set.
     *
     * @param  iterable<string>  $facts
     */
    public function maskOf(iterable $facts): string
    {
        $mask = $this->marked(str_repeat("\0", $this->length), 'ended:');
        foreach ($facts as $fact) {
            $mask = $this->marked($mask, $fact);
        }

        return $mask;
    }

    /** The mask or state with this fact set too. */
    public function marked(string $mask, string $fact): string
    {
        if (isset($this->bits[$fact])) {
            $bit = $this->bits[$fact];
            $at = $this->head + ($bit >> 3);
            $mask[$at] = chr(ord($mask[$at]) | (1 << ($bit & 7)));
        } elseif (isset($this->numbers[$fact])) {
            $mask[$this->numbers[$fact]] = $mask[$this->numbers[$fact] + 1] = "\xFF";
        }

        return $mask;
    }

    /** @return list<int> offsets of the numbers that are followed */
    public function offsets(): array
    {
        return array_keys($this->followed);
    }

    public function offset(string $fact): ?int
    {
        return $this->numbers[$fact] ?? null;
    }

    public function valueAt(string $packed, int $offset): int|float
    {
        return $this->values[$offset][self::number($packed, $offset)] ?? 0;
    }

    /** The state with this value there; values above what is asked are as one. */
    public function with(string $packed, int $offset, int|float $value): string
    {
        return substr_replace($packed, pack('n', $this->placeOf($offset, $value)), $offset, 2);
    }

    /** The state with all set that the mask leaves open: bits, and numbers at 1. */
    public function filled(string $packed, string $mask): string
    {
        $packed |= (str_repeat("\0", $this->head).str_repeat("\xFF", $this->length - $this->head)) & ~$mask;
        foreach (array_keys($this->followed) as $offset) {
            $packed = $mask[$offset] === "\0" ? $this->with($packed, $offset, 1) : $packed;
        }

        return $packed;
    }

    /** Whether the number there says which, not how many. */
    public function isPlace(int $offset): bool
    {
        return in_array($this->followed[$offset][0], self::PLACES, true);
    }

    /** The state, later. */
    public static function at(string $packed, int $time): string
    {
        return substr_replace($packed, pack('n', $time), 2, 2);
    }

    public function isEnded(string $packed): bool
    {
        return (ord($packed[$this->head]) & 1) === 1;
    }

    /** The state as it would be in another scene. */
    public function moved(string $packed, string $scene): string
    {
        return substr_replace($packed, pack('n', $this->sceneNumbers[$scene] ?? 0), 0, 2);
    }

    public function sceneOf(string $packed): string
    {
        return $this->scenes[self::number($packed, 0)];
    }

    public static function number(string $packed, int $offset): int
    {
        return (ord($packed[$offset]) << 8) | ord($packed[$offset + 1]);
    }

    /** Without the ways back that can't be gone any more from where the state is. */
    public function withoutGoneWays(string $packed): string
    {
        if ($this->observed->leadsBackElsewhere || $this->observed->back === []) {
            return $packed;
        }
        $scene = $this->sceneOf($packed);
        $kept = [];
        while (isset($this->numbers["from:{$scene}"]) && ! isset($kept[$scene])) {
            $kept[$scene] = true;
            $scene = $this->entered($packed, $scene) ?? '';
        }
        foreach (array_keys($this->observed->back) as $other) {
            $offset = $this->numbers["from:{$other}"] ?? null;
            if ($offset !== null && ! isset($kept[$other])) {
                $packed[$offset] = $packed[$offset + 1] = "\0";
            }
        }

        return $packed;
    }

    /** Where a scene was last entered from; null when that is not followed or it was not. */
    public function entered(string $packed, string $scene): ?string
    {
        $offset = $this->numbers["from:{$scene}"] ?? null;
        $from = $offset === null ? 0 : (int) $this->valueAt($packed, $offset);

        return $this->scenes[$from - 1] ?? null;
    }

    private function follow(GameDocument $game): void
    {
        foreach ($this->observed->routes->scenes as $id => $scene) {
            if (isset($this->observed->back[$id]) || $this->observed->leadsBackElsewhere) {
                $this->addNumber(Fact::from($id), null);
            }
            foreach ($scene->things as $routes) {
                array_map($this->ask(...), $routes->all);
            }
        }
        foreach (array_keys($this->observed->routes->observed->facts) as $fact) {
            // Tries and hints are not counted where only what adds to a play is tried.
            if (! $this->isMonotone || ! in_array(Fact::kindOf($fact), ['tries', 'hinted'], true)) {
                $this->followSeen($fact);
            }
        }
    }

    private function ask(Thing $thing): void
    {
        $this->asked = $thing->id;
        $thing->keep($this);
    }

    /** What conditions look at beside what things keep of their own. */
    private function followSeen(string $fact): void
    {
        match (true) {
            isset(self::BITS[Fact::kindOf($fact)]) => $this->addBit($fact),
            isset(self::COUNTS[Fact::kindOf($fact)]) => $this->addNumber($fact, $this->observed->most($fact)),
            default => ($this->isOverfull = true),
        };
    }

    private function addBit(string $fact): void
    {
        if (! isset($this->bits[$fact])) {
            $this->bits[$fact] = count($this->bits);
            $this->names[] = [Fact::kindOf($fact), Fact::idIn($fact)];
        }
    }

    private function addNumber(string $fact, int|float|null $most): void
    {
        if (isset($this->numbers[$fact])) {
            return;
        }
        $offset = self::NUMBERS + 2 * count($this->numbers);
        $this->numbers[$fact] = $offset;
        $this->followed[$offset] = [Fact::kindOf($fact), Fact::idIn($fact)];
        $this->values[$offset] = [0];
        $this->places[$offset] = ['0' => 0];
        if ($most !== null) {
            $this->caps[$offset] = max($most, 0) + 1;
        }
    }

    private function placeOf(int $offset, int|float $value): int
    {
        $value = isset($this->caps[$offset]) ? min($value, $this->caps[$offset]) : $value;
        $place = $this->places[$offset][(string) $value] ?? null;
        if ($place !== null) {
            return $place;
        }
        $place = count($this->values[$offset]);
        if ($place >= self::MOST_VALUES) {
            $this->isOverfull = true;

            return $place - 1;
        }
        $this->values[$offset][] = $value;

        return $this->places[$offset][(string) $value] = $place;
    }

    /** @return iterable<int> the bits that are set */
    private function bitsOf(string $packed): iterable
    {
        for (
            $at = $this->head + strspn($packed, "\0", $this->head);
            $at < $this->length;
            $at += 1 + strspn($packed, "\0", $at + 1)
        ) {
            for ($byte = ord($packed[$at]), $bit = 8 * ($at - $this->head); $byte > 0; $byte >>= 1, $bit++) {
                if (($byte & 1) === 1 && isset($this->names[$bit])) {
                    yield $bit;
                }
            }
        }
    }

    /** @return iterable<int> offsets of the numbers that are not 0 */
    private function offsetsOf(string $packed): iterable
    {
        for ($at = self::NUMBERS; ($at += strspn($packed, "\0", $at) & ~1) < $this->head; $at += 2) {
            yield $at;
        }
    }

    /** @return array<int, int|float> offset → value */
    private function numbersOf(PlayState $state): array
    {
        $numbers = [];
        foreach (self::COUNTS as $kind => $field) {
            foreach ($state->{$field} as $id => $value) {
                $numbers[$this->numbers["{$kind}:{$id}"] ?? -1] = $value;
            }
        }
        foreach ($state->passes as $lock => $rule) {
            $numbers[$this->numbers["pass:{$lock}"] ?? -1] = $rule + 1;
        }
        foreach ($state->from as $scene => $from) {
            $numbers[$this->numbers["from:{$scene}"] ?? -1] = ($this->sceneNumbers[$from] ?? -1) + 1;
        }
        unset($numbers[-1]);

        return $numbers;
    }

    /** @return iterable<string> */
    private function factsOf(PlayState $state): iterable
    {
        foreach (self::BITS as $kind => $field) {
            foreach ($state->{$field} as $id) {
                yield "{$kind}:{$id}";
            }
        }
        if ($state->ended !== null) {
            yield 'ended:';
        }
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;

/**
 * Packs a state of play, as far as the search must tell it from others, into one string, and unpacks it.
 *
 * The string holds the scene (2 bytes), the time (2), each number that is followed (2 each: its place in a list of values)
 * and then one bit for each thing that is held, open, lifted, visited or passed. Comparing, joining and cutting out then are
 * single operations on strings.
 *
 * @phpstan-type Raw array<array-key, mixed>
 */
final class StateCodec
{
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

    /** @var array<string, int> "tally:points", "tries:door", "pass:door", "hinted:door", "from:hall" → offset in bytes */
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

    /** Whether a number took more values than can be told apart: then nothing is proved. */
    public bool $isOverfull = false;

    /** @var array<string, list<string>> id → facts about it */
    private array $about = [];

    /** @var array<string, int> */
    private readonly array $sceneNumbers;

    /** Bytes before the bits. */
    public readonly int $head;

    public readonly int $length;

    public function __construct(GameDocument $game, RouteDocument $skeleton, private readonly bool $isMonotone, public readonly ObservedState $asked)
    {
        $this->scenes = $game->sceneIds();
        $this->sceneNumbers = array_flip($this->scenes);
        $times = array_keys($asked->times);
        sort($times);
        $this->times = $times;
        $this->follow($game, $skeleton);
        $this->head = self::NUMBERS + 2 * count($this->numbers);
        $this->length = $this->head + intdiv(count($this->bits) + 7, 8);
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

        return pack('nn', $this->sceneNumbers[$state->scene] ?? 0, $time).($numbers === [] ? '' : pack('n*', ...$numbers)).pack('C*', ...$bytes);
    }

    public function unpack(string $packed): PlayState
    {
        $held = ['token' => [], 'open' => [], 'lifted' => [], 'visited' => [], 'cued' => [], 'decided' => [], 'ruledOut' => [], 'ended' => []];
        foreach ($this->bitsOf($packed) as $bit) {
            [$kind, $id] = $this->names[$bit];
            $held[$kind][] = $id;
        }
        $numbers = ['tally' => [], 'tries' => [], 'pass' => [], 'hinted' => [], 'from' => []];
        foreach ($this->offsetsOf($packed) as $offset) {
            [$kind, $id] = $this->followed[$offset];
            $numbers[$kind][$id] = $this->valueAt($packed, $offset);
        }

        return PlayState::fromArray([
            'scene' => $this->sceneOf($packed), 'ended' => $held['ended'] === [] ? null : '',
            'tokens' => $held['token'], 'open' => $held['open'], 'lifted' => $held['lifted'], 'visited' => $held['visited'], 'cued' => $held['cued'], 'decided' => $held['decided'], 'ruledOut' => $held['ruledOut'],
            'tallies' => $numbers['tally'], 'tries' => $numbers['tries'], 'hinted' => $numbers['hinted'],
            'passes' => array_map(static fn (int|float $rule): int => (int) $rule - 1, $numbers['pass']) + array_intersect_key($this->usualPass, array_flip($held['open'])),
            'from' => array_map(fn (int|float $scene): string => $this->scenes[(int) $scene - 1], $numbers['from']),
        ]);
    }

    /**
     * All facts about these parts, as a mask with their bits and bytes set.
     *
     * @param  iterable<string>  $ids
     */
    public function maskOf(iterable $ids): string
    {
        $mask = $this->marked(str_repeat("\0", $this->length), 'ended:');
        foreach ($ids as $id) {
            foreach ($this->about[$id] ?? [] as $fact) {
                $mask = $this->marked($mask, $fact);
            }
        }

        return $mask;
    }

    /** The mask or state with this fact set too. */
    public function marked(string $mask, string $fact): string
    {
        if (isset($this->bits[$fact])) {
            $bit = $this->bits[$fact];
            $at = $this->head + ($bit >> 3);
            $mask[$at] = chr(ord($mask[$at]) | 1 << ($bit & 7));
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
        $packed |= str_repeat("\0", $this->head).str_repeat("\xFF", $this->length - $this->head) & ~$mask;
        foreach (array_keys($this->followed) as $offset) {
            $packed = $mask[$offset] === "\0" ? $this->with($packed, $offset, 1) : $packed;
        }

        return $packed;
    }

    /** Whether the number there says which, not how many. */
    public function isPlace(int $offset): bool
    {
        return in_array($this->followed[$offset][0], ['from', 'pass'], true);
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
        if ($this->asked->leadsBackElsewhere || $this->asked->back === []) {
            return $packed;
        }
        $scene = $this->sceneOf($packed);
        $kept = [];
        while (isset($this->numbers["from:{$scene}"]) && ! isset($kept[$scene])) {
            $kept[$scene] = true;
            $scene = $this->entered($packed, $scene) ?? '';
        }
        foreach (array_keys($this->asked->back) as $other) {
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

    private function follow(GameDocument $game, RouteDocument $skeleton): void
    {
        foreach (array_keys($game->tokens()) as $token) {
            $this->addBit('token', $token, isset($this->asked->named[$token]));
        }
        foreach ($this->scenes as $scene) {
            $this->addBit('visited', $scene, isset($this->asked->visited[$scene]));
            $this->addNumber('from', $scene, isset($this->asked->back[$scene]) || $this->asked->leadsBackElsewhere);
            foreach ($skeleton->scenes[$scene]['things'] ?? [] as $thing) {
                $this->followThing($thing);
            }
        }
        foreach ($game->tallies() as $tally) {
            $cap = $this->asked->tallies[$tally->id] ?? null;
            $this->addNumber('tally', $tally->id, array_key_exists($tally->id, $this->asked->tallies), $cap);
            $this->addBit('decided', $tally->id, isset($this->asked->rivals[$tally->id]));
            $this->addBit('ruledOut', $tally->id, isset($this->asked->rivals[$tally->id]));
        }
    }

    /** @param  Raw  $thing */
    private function followThing(array $thing): void
    {
        $id = $thing['id'];
        if ($thing['kind'] === 'cover') {
            $this->addBit('lifted', $id, isset($this->asked->named[$id]) || isset($thing['react']));
        }
        if ($thing['kind'] === 'lock') {
            $isFollowed = isset($this->asked->named[$id]) || ! $this->isSameWhenOpen($thing);
            $this->addBit('open', $id, $isFollowed);
            $this->followPass($thing, $isFollowed);
            $this->addNumber('tries', $id, isset($this->asked->tries[$id]) && ! $this->isMonotone, $this->asked->tries[$id] ?? null);
            $this->addNumber('hinted', $id, isset($thing['hints']), count($thing['hints'] ?? []));
        }
        foreach ($thing['cues'] ?? [] as $cue) {
            $this->addBit('cued', $cue['id'], true);
            array_map($this->followThing(...), $cue['things']);
        }
    }

    /**
     * By which rule an open lock was opened decides where it leads again, unless all lead the same way.
     *
     * @param  Raw  $lock
     */
    private function followPass(array $lock, bool $isFollowed): void
    {
        $ways = self::ways($lock);
        if (! $isFollowed || $ways === [] || isset($lock['opened'])) {
            return;
        }
        $isUsual = count($ways) === 1 && ! isset($this->asked->openedByEffect[$lock['id']]);
        $this->addNumber('pass', $lock['id'], ! $isUsual);
        if ($isUsual) {
            $this->usualPass[$lock['id']] = (int) array_search('open', array_column($lock['rules'], 'verdict'), true);
        }
    }

    /**
     * Whether it makes no difference to have opened it: it only leads on, the same way each time.
     *
     * @param  Raw  $lock
     */
    private function isSameWhenOpen(array $lock): bool
    {
        if ($this->isMonotone) {
            // What wrong answers set off is looked at whether the lock is open or not.
            $lock = ['rules' => array_filter($lock['rules'] ?? [], static fn (array $rule): bool => $rule['verdict'] === 'open')] + array_diff_key($lock, ['otherwise' => 0]);
        }
        foreach ($lock['rules'] ?? [] as $rule) {
            if (isset($rule['do']) || isset($rule['if']) || ($rule['verdict'] !== 'open' && RouteDocument::acts($rule))) {
                return false;
            }
        }

        return ! isset($lock['otherwise']) && ! isset($lock['opened']) && ! isset($lock['needs']) && ! isset($lock['hints']) && ! isset($lock['picks']) && count(self::ways($lock)) < 2;
    }

    /**
     * @param  Raw  $lock
     * @return list<string> where its rules lead when they open it; "" for staying
     */
    private static function ways(array $lock): array
    {
        $open = array_filter($lock['rules'] ?? [], static fn (array $rule): bool => $rule['verdict'] === 'open');

        return array_values(array_unique(array_map(static fn (array $rule): string => $rule['go'] ?? '', $open)));
    }

    private function addBit(string $kind, string $id, bool $isFollowed): void
    {
        if ($isFollowed && ! isset($this->bits["{$kind}:{$id}"])) {
            $this->bits["{$kind}:{$id}"] = count($this->bits);
            $this->names[] = [$kind, $id];
            $this->about[$id][] = "{$kind}:{$id}";
        }
    }

    private function addNumber(string $kind, string $id, bool $isFollowed, int|float|null $cap = null): void
    {
        if (! $isFollowed || isset($this->numbers["{$kind}:{$id}"])) {
            return;
        }
        $offset = self::NUMBERS + 2 * count($this->numbers);
        $this->numbers["{$kind}:{$id}"] = $offset;
        $this->followed[$offset] = [$kind, $id];
        $this->about[$id][] = "{$kind}:{$id}";
        $this->values[$offset] = [0];
        $this->places[$offset] = ['0' => 0];
        if ($cap !== null) {
            $this->caps[$offset] = max($cap, 0) + 1;
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
        for ($at = $this->head + strspn($packed, "\0", $this->head); $at < $this->length; $at += 1 + strspn($packed, "\0", $at + 1)) {
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
        foreach (['tally' => $state->tallies, 'tries' => $state->tries, 'hinted' => $state->hinted] as $kind => $values) {
            foreach ($values as $id => $value) {
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
        foreach (['token' => $state->tokens, 'open' => $state->open, 'lifted' => $state->lifted, 'visited' => $state->visited, 'cued' => $state->cued, 'decided' => $state->decided, 'ruledOut' => $state->ruledOut] as $kind => $ids) {
            foreach ($ids as $id) {
                yield "{$kind}:{$id}";
            }
        }
        if ($state->ended !== null) {
            yield 'ended:';
        }
    }
}

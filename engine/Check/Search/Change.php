<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

/** What an action makes of a state: the bits it keeps, those it sets, and the numbers it adds to. */
final readonly class Change
{
    /**
     * @param  array<string, mixed>  $action
     * @param  list<array{int, int|float}>  $additions  offset of a number, and how much is added
     */
    private function __construct(
        public array $action,
        public string $kept,
        public string $set,
        public array $additions,
    ) {
    }

    /**
     * What happened to a state where all that does not matter was empty, and to one where it was full, tells what
     * happens to any: what comes out the same both ways is set, what comes out as it went in is kept, and a number is
     * added to.
     *
     * @param  array<string, mixed>  $action
     * @param  string  $mask  what matters
     * @param  array{string, string}  $empty  before and after
     * @param  array{string, string|null}  $full  before and after; null where nothing can be taken away
     */
    public static function learned(array $action, StateCodec $codec, string $mask, array $empty, array $full): self
    {
        $after = $full[1] ?? $empty[1] | ~$mask;
        // A bit is kept where it stays empty in the one and full in the other.
        $kept = $after & ~$empty[1] & ~$mask;
        $set = ($after & $empty[1]) | ($empty[1] & $mask);
        $additions = [];
        foreach ($codec->offsets() as $offset) {
            if (($mask[$offset] ?? '') === "\xFF") {
                continue;
            }
            $by = $codec->valueAt($empty[1], $offset) - $codec->valueAt($empty[0], $offset);
            $isSet = $full[1] !== null && $codec->valueAt($full[1], $offset) === $codec->valueAt($empty[1], $offset);
            [$keep, $put] =
                $isSet || ($full[1] === null && $by !== 0 && $codec->isPlace($offset))
                    ? ["\0\0", substr($empty[1], $offset, 2)]
                    : ["\xFF\xFF", "\0\0"];
            $kept = substr_replace($kept, $keep, $offset, 2);
            $set = substr_replace($set, $put, $offset, 2);
            if ($keep === "\xFF\xFF" && $by != 0) {
                $additions[] = [$offset, $by];
            }
        }

        return new self($action, $kept, $set, $additions);
    }

    /** The state after it; where nothing is added, `$state & $kept | $set` says the same. */
    public function apply(string $state, StateCodec $codec): string
    {
        $next = ($state & $this->kept) | $this->set;
        foreach ($this->additions as [$offset, $by]) {
            $next = $codec->with($next, $offset, $codec->valueAt($state, $offset) + $by);
        }

        return $next;
    }
}

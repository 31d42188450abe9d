<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Storage\OneByOne;
use Illuminate\Support\Facades\Cache;

/**
 * How long somebody has to wait after wrong tries: the first are free, then each wait is twice the one before, up to a
 * longest. Nobody is locked out for good, and a try while waiting is not taken and not counted.
 */
final readonly class Patience
{
    /** Wrong tries are forgotten so many seconds after the last. */
    private const MEMORY = 3600;

    /** @param  int  $longest  seconds */
    public function __construct(private string $key, private int $free, private int $longest = 60)
    {
    }

    /** Seconds until the next try is taken; 0 when it is taken now. */
    public function left(): int
    {
        return max(0, $this->kept()[1] - now()->getTimestamp());
    }

    public function miss(): void
    {
        OneByOne::count($this->name().'.counting', function (): void {
            $misses = $this->kept()[0] + 1;
            $wait = $misses <= $this->free ? 0 : (int) min($this->longest, 2 ** min(20, $misses - $this->free - 1));
            Cache::put($this->name(), [$misses, now()->getTimestamp() + $wait], self::MEMORY);
        });
    }

    public function forget(): void
    {
        Cache::forget($this->name());
    }

    /** @return array{int, int} wrong tries, and when the next one is taken */
    private function kept(): array
    {
        $kept = Cache::get($this->name());

        return is_array($kept) && is_int($kept[0] ?? null) && is_int($kept[1] ?? null) ? [$kept[0], $kept[1]] : [0, 0];
    }

    /** A digest: no address and no name of anybody stands in the cache's files. */
    private function name(): string
    {
        return 'patience.'.hash('sha256', $this->key);
    }
}

<?php

declare(strict_types=1);

namespace App\Play;

use App\Models\Run;
use App\Storage\OneByOne;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\RateLimiter;

/**
 * The way in from one address: wrong codes are few a minute, right ones as many as there are students. Once the wrong
 * ones are used up, no code is looked at that is not known there already, since a right one that still answers would
 * tell.
 */
final readonly class Doorway
{
    private const WRONG_A_MINUTE = 30;

    /** Seconds for which a code stays known at an address after it was last used there. */
    private const KNOWN = 12 * 3600;

    public function __construct(private string $address)
    {
    }

    /** The run of this code, or null when there is none, which is counted. */
    public function find(string $code): ?Run
    {
        $run = Run::findByCode($code);
        $run === null && $this->miss();

        return $run;
    }

    /** Seconds until codes are looked at again; 0 when this one is looked at now. */
    public function wait(string $code): int
    {
        $isSpent =
            RateLimiter::tooManyAttempts($this->name('wrong'), self::WRONG_A_MINUTE) &&
            ! Cache::has($this->name("known|{$code}"));

        return $isSpent ? max(1, RateLimiter::availableIn($this->name('wrong'))) : 0;
    }

    public function know(string $code): void
    {
        Cache::put($this->name("known|{$code}"), true, self::KNOWN);
    }

    /** One after the other: codes that are guessed at the same moment all count. */
    private function miss(): void
    {
        OneByOne::count($this->name('counting'), fn (): int => RateLimiter::hit($this->name('wrong'), 60));
    }

    /** A digest, so that no address stands in the cache's files. */
    private function name(string $what): string
    {
        return 'doorway.'.hash('sha256', "{$this->address}|{$what}");
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use CurlHandle;

/** Somebody who does the same again and again; what gets no reply is sent again under the same key. */
abstract class Hand
{
    /** @var list<string> keys of what was acknowledged */
    public array $acknowledged = [];

    public int $resent = 0;

    public float $notBefore = 0.0;

    protected ?string $key = null;

    /** The next request it makes. */
    abstract public function request(): CurlHandle;

    abstract public function take(int $status, string $reply): void;

    protected function isKept(bool $isKept): void
    {
        if ($isKept) {
            $this->acknowledged[] = (string) $this->key;
            $this->key = null;

            return;
        }
        $this->resent++;
        $this->notBefore = microtime(true) + 0.1;
    }

    protected function key(): string
    {
        return $this->key ??= bin2hex(random_bytes(10));
    }

    /** @param  array<int, mixed>  $options */
    protected function handle(string $address, array $options): CurlHandle
    {
        $handle = curl_init($address);
        curl_setopt_array($handle, $options + [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 10]);

        return $handle;
    }
}

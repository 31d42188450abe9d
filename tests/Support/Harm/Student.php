<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use CurlHandle;

/** One who joins and presses the same choice again and again; what gets no reply is sent again under the same key. */
final class Student
{
    /** @var list<string> keys of the actions that were acknowledged */
    public array $acknowledged = [];

    public int $resent = 0;

    private ?string $ticket = null;

    private ?string $key = null;

    private int $joined = 0;

    public float $notBefore = 0.0;

    public function __construct(
        private readonly string $address, private readonly string $code, private readonly string $choice,
        private readonly int $number,
    ) {
    }

    /** The next request it makes. */
    public function request(): CurlHandle
    {
        $headers = ['Accept: application/json'];
        if ($this->ticket === null) {
            $fields = ['name' => "Student {$this->number} {$this->joined}"];
            $path = '/join';
            $headers = [];
        } else {
            $this->key ??= bin2hex(random_bytes(10));
            $fields = ['verb' => 'choose', 'on' => $this->choice, 'key' => $this->key, 'ticket' => $this->ticket];
            $path = '';
            $headers[] = "Cookie: fravel_play={$this->ticket}";
        }
        $handle = curl_init("{$this->address}/p/{$this->code}{$path}");
        curl_setopt_array(
            $handle,
            [
                CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_POSTFIELDS => http_build_query($fields),
                CURLOPT_HTTPHEADER => $headers, CURLOPT_TIMEOUT => 10, CURLOPT_PRIVATE => (string) $this->number,
            ],
        );

        return $handle;
    }

    public function take(int $status, string $reply): void
    {
        if ($this->ticket === null) {
            $isIn = $status === 302 && preg_match('/fravel_play=([^;\s]+)/', $reply, $cookie) === 1;
            $this->ticket = $isIn ? urldecode($cookie[1]) : null;
            // A reply that was lost leaves the name taken: as a student would, another is chosen.
            $this->joined++;

            return;
        }
        if ($status === 200 && str_contains($reply, '"refusal":null')) {
            $this->acknowledged[] = (string) $this->key;
            $this->key = null;

            return;
        }
        $this->resent++;
        $this->notBefore = microtime(true) + 0.1;
    }

    public function play(): ?string
    {
        return $this->ticket === null ? null : explode('.', $this->ticket)[0];
    }
}

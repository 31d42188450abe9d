<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use CurlHandle;

/** One who presses the same choice again and again: alone after joining, or with a ticket of a team or a class. */
final class Student extends Hand
{
    private int $joined = 0;

    public function __construct(
        private readonly string $address, private readonly string $code, private readonly string $choice,
        private readonly int $number, private ?string $ticket = null,
    ) {
    }

    public function request(): CurlHandle
    {
        $run = "{$this->address}/p/{$this->code}";

        return $this->ticket === null
            ? $this->handle("{$run}/join", [
                CURLOPT_HEADER => true,
                CURLOPT_POSTFIELDS => http_build_query(['name' => "Student {$this->number} {$this->joined}"]),
            ])
            : $this->handle($run, [
                CURLOPT_HEADER => true,
                CURLOPT_POSTFIELDS => http_build_query([
                    'verb' => 'choose', 'on' => $this->choice, 'key' => $this->key(), 'ticket' => $this->ticket,
                ]),
                CURLOPT_HTTPHEADER => ['Accept: application/json', "Cookie: fravel_play={$this->ticket}"],
            ]);
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
        $this->isKept($status === 200 && str_contains($reply, '"refusal":null'));
    }

    public function play(): string|false|null
    {
        return $this->ticket === null ? null : strtok($this->ticket, '.~');
    }
}

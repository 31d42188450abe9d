<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use CurlHandle;

/** A teacher who puts one token after the other into a game. */
final class Author extends Hand
{
    private int $revision = 0;

    public function __construct(private readonly string $address, private readonly Teacher $teacher)
    {
    }

    public function request(): CurlHandle
    {
        $key = $this->key();

        return $this->handle("{$this->address}/games/{$this->teacher->game}/edits", [
            CURLOPT_POSTFIELDS => (string) json_encode([
                'base' => $this->revision, 'key' => $key, 'label' => 'one more', 'command' => [
                    'insert' => 'tokens', 'in' => '@game', 'after' => null,
                    'value' => ['id' => "t{$key}", 'name' => 'One more', 'kind' => 'item'],
                ],
            ]),
            CURLOPT_COOKIEFILE => $this->teacher->jar,
            CURLOPT_HTTPHEADER => [
                "X-XSRF-TOKEN: {$this->teacher->token}", 'Accept: application/json', 'Content-Type: application/json',
            ],
        ]);
    }

    public function take(int $status, string $reply): void
    {
        $this->isKept($status === 200);
        $this->revision = (int) (json_decode($reply, true)['revision'] ?? $this->revision);
    }
}

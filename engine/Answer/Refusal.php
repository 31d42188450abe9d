<?php

declare(strict_types=1);

namespace Fravel\Answer;

/** Why what was sent is no answer; it counts as no try. */
final readonly class Refusal
{
    /** @param  array<string, string|int>  $arguments */
    private function __construct(public string $code, public array $arguments = [])
    {
    }

    public static function blank(): self
    {
        return new self('answer.blank');
    }

    public static function incomplete(): self
    {
        return new self('answer.incomplete');
    }

    public static function malformed(): self
    {
        return new self('answer.malformed');
    }

    public static function tooLong(int $most): self
    {
        return new self('answer.long', ['most' => $most]);
    }
}

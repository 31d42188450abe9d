<?php

declare(strict_types=1);

namespace App\Play;

use App\Storage\ClipAddress;

/** Around what a student sees: where forms go, what they carry, and what stands at the rim. */
final readonly class Frame
{
    /**
     * @param  string  $address  where actions are sent
     * @param  array<string, string>  $fields  hidden fields of every form
     * @param  array{on: string, with: mixed}|null  $typed  an answer that was typed and not yet taken
     */
    public function __construct(
        public string $address,
        public array $fields,
        public string $player,
        public ?string $words = null,
        public ?array $typed = null,
        public bool $isRehearsal = false,
    ) {
    }

    /** @param  array<string, string>  $more  hidden fields of every form, besides */
    public function carrying(array $more): self
    {
        return new self(...['fields' => $this->fields + $more] + get_object_vars($this));
    }

    public function typedFor(string $lock): mixed
    {
        return ($this->typed['on'] ?? null) === $lock ? $this->typed['with'] : null;
    }

    /** What an action came to at this lock; null when it was about something else. */
    public function turnAt(?Turn $turn, string $lock): ?Turn
    {
        $isHere =
            ($turn?->verdict()['lock'] ?? null) === $lock ||
            ($turn?->refusal() !== null && ($this->typed['on'] ?? null) === $lock);

        return $isHere ? $turn : null;
    }

    /**
     * Whether what an action came to is told above the scene: feedback to an answer in this scene stands at its lock.
     */
    public function tellsAbove(?Turn $turn, Screen $screen): bool
    {
        $things = $screen->things();
        [$verdict, $refusal] = [$turn?->verdict(), $turn?->refusal()];
        $isAtLock =
            isset($things[$verdict['lock'] ?? '']) ||
            ($refusal !== null && $refusal['reason'] !== 'thing.absent' && isset($things[$this->typed['on'] ?? '']));

        return $turn !== null &&
            ! $isAtLock &&
            ($verdict !== null || $refusal !== null || $turn->said() !== [] || $turn->given() !== []);
    }

    /** Where a film or a sound is fetched by who sees this; null where there is none, or for who has no ticket. */
    public function clip(?string $url): ?string
    {
        if ($url === null) {
            return null;
        }
        $ticket = Ticket::read($this->fields['ticket'] ?? null);

        return match (true) {
            $ticket !== null => ClipAddress::forPlay(basename($url), $this->address, $ticket->play),
            // What a student sees never has a teacher's address in it.
            str_starts_with($this->address, '/p/') => null,
            default => ClipAddress::forTeacher(basename($url)),
        };
    }

    /** A key for one form: the same form sent twice counts once. */
    public function key(): string
    {
        return bin2hex(random_bytes(10));
    }
}

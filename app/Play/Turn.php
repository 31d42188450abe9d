<?php

declare(strict_types=1);

namespace App\Play;

use Fravel\State\PlayState;

/** What an action came to for the device that sent it. */
final readonly class Turn
{
    /**
     * @param  PlayState|null  $before  what the device is known to show; null when that is not known
     * @param  list<list<mixed>>  $events  as Play\Outcome lists them
     * @param  string|null  $beat  of the play's pulse, which its own device need not look into
     * @param  int|null  $seq  number of the event that it made; null where it made none
     * @param  string  $on  the thing that something was done with, where nothing came of it
     * @param  VoteLine|null  $vote  in a class that plays together
     * @param  bool  $isBehind  whether the device is to load its page, which shows an older moment
     */
    public function __construct(
        public CompiledEdition $edition,
        public ?PlayState $before,
        public PlayState $state,
        public array $events,
        public int $now,
        public ?int $seq = null,
        public RunRules $rules = new RunRules(),
        public ?string $beat = null,
        public string $on = '',
        public ?VoteLine $vote = null,
        public bool $isBehind = false,
    ) {
    }

    /** As it is shown at the front of a class that plays together. */
    public function atFront(): self
    {
        return new self(...['rules' => $this->rules->atFront()] + get_object_vars($this));
    }

    /** @return array{reason: string, arguments: array<string, string|int>}|null */
    public function refusal(): ?array
    {
        if (($this->events[0][0] ?? null) !== 'refused') {
            return null;
        }

        /** @var array{reason: string, arguments: array<string, string|int>} */
        return ['reason' => $this->events[0][1], 'arguments' => $this->events[0][2] ?? []];
    }

    /** @return list<string> what was said, as HTML */
    public function said(): array
    {
        // Where the vote is still open its line says so.
        $isTold = $this->eventsOf('voted') === [] || ($this->vote?->own() ?? '') !== '';
        $voted = $isTold ? [] : [e((string) __('play.vote.cast'))];

        return [...$voted, ...array_map(
            fn (array $event): string => $this->edition->html(is_string($event[1]) ? $event[1] : ''),
            $this->eventsOf('said'),
        )];
    }

    /** @return array{lock: string, verdict: string}|null of an answer, or of a choice that is marked */
    public function verdict(): ?array
    {
        // Who was sent on from where the answer led reads why, not that it was right.
        if (count($this->eventsOf('entered')) > 1 && $this->eventsOf('said') !== []) {
            return null;
        }
        $answered = $this->eventsOf('answered')[0] ?? null;

        if ($answered !== null) {
            return ['lock' => (string) $answered[1], 'verdict' => (string) $answered[2]];
        }
        [, $choice, $mark] = $this->eventsOf('marked')[0] ?? ['marked', '', ''];
        $verdict = ['right' => 'open', 'wrong' => 'wrong'][$mark] ?? null;

        return $verdict === null ? null : ['lock' => (string) $choice, 'verdict' => $verdict];
    }

    /** Why nothing was done, in words; null when something was. */
    public function refusedWords(): ?string
    {
        $refusal = $this->refusal();

        return $refusal === null ? null : (new Voice($this->edition))->refusal($refusal, $this->now, $this->on);
    }

    /** What the game says of an answer where its teacher says nothing. */
    public function wordsUnsaid(): string
    {
        $verdict = $this->verdict();

        return $verdict === null
            ? ''
            : (new Voice($this->edition))->words(
                $verdict['lock'], $verdict['verdict'], $this->state->triesOn($verdict['lock']),
            );
    }

    /** @return list<string> names of the tokens given, flags left out */
    public function given(): array
    {
        $given = $this->eventsOf('given');
        $tokens = $given === [] ? [] : $this->edition->game->tokens();
        $names = array_map(
            static fn (array $event): ?string => isset($tokens[$event[1]]) && $tokens[$event[1]]->isShown()
                ? $tokens[$event[1]]->name
                : null,
            $given,
        );

        return array_values(array_filter($names));
    }

    /** @return list<list<mixed>> */
    private function eventsOf(string $kind): array
    {
        return array_values(array_filter($this->events, static fn (array $event): bool => $event[0] === $kind));
    }
}

<?php

declare(strict_types=1);

namespace App\Workshop;

use Fravel\Document\GameDocument;
use Fravel\Edit\DocumentPath;
use Fravel\State\PlayState;
use Fravel\Thing\Thing;

/** What holds behind the scene of a rehearsal: tokens, tallies, which rule caught the answer, why a thing is hidden. */
final readonly class Backstage
{
    /**
     * @param  list<string>  $holds  names of tokens, flags too
     * @param  array<string, string>  $tallies  what they stand at, by their names
     * @param  list<array{thing: string, when: string}>  $hidden
     * @param  list<string>  $ahead  steps in words
     * @param  array<string, string>  $walkthroughs  names by ids
     */
    private function __construct(
        public array $holds,
        public array $tallies,
        public string $caught,
        public array $hidden,
        public array $ahead,
        public array $walkthroughs,
        public int $steps,
        public bool $guards,
    ) {
    }

    public static function of(Rehearsal $rehearsal): self
    {
        $game = $rehearsal->edition->game;
        $kept = $rehearsal->kept();
        $state = PlayState::fromArray($kept['state']);
        $tallies = [];
        foreach ($game->tallies() as $id => $tally) {
            $tallies[$tally->name] = self::standing($state, $id);
        }

        return new self(
            array_map(static fn (string $id): string => $game->tokens()[$id]->name ?? $id, $state->tokens),
            $tallies,
            self::caught($game, $kept['caught']),
            self::hidden($game, $state, $rehearsal->screen()->now),
            array_map(static fn (array $step): string => ActionWords::of($game, $step), $kept['ahead']),
            array_map(static fn ($walkthrough): string => $walkthrough->name, $game->walkthroughs()),
            count($kept['log']),
            $kept['guards'],
        );
    }

    private static function standing(PlayState $state, string $tally): string
    {
        return match (true) {
            in_array($tally, $state->ruledOut, true) => __('rehearsal.never', ['value' => $state->tally($tally)]),
            in_array($tally, $state->decided, true) => __('rehearsal.must', ['value' => $state->tally($tally)]),
            default => (string) $state->tally($tally),
        };
    }

    /** @param  list<mixed>|null  $event  the first of the last step */
    private static function caught(GameDocument $game, ?array $event): string
    {
        if ($event === null || ! in_array($event[0] ?? '', ['answered', 'refused'], true)) {
            return (string) __('rehearsal.none');
        }
        if ($event[0] === 'refused') {
            return (string) __('rehearsal.refused');
        }
        $lock = Names::of($game, is_string($event[1]) ? $event[1] : '');

        return is_int($event[3] ?? null)
            ? (string) __('rehearsal.rule', [
                'rule' => $event[3] + 1,
                'lock' => $lock,
                'verdict' => __("workshop.verdicts.{$event[2]}"),
            ])
            : (string) __('rehearsal.otherwise', ['lock' => $lock]);
    }

    /** @return list<array{thing: string, when: string}> */
    private static function hidden(GameDocument $game, PlayState $state, int $now): array
    {
        $scene = $game->scene($state->scene);
        $shown = array_map(static fn (Thing $thing): string => $thing->id, $scene?->shown($state, $now) ?? []);
        $path = DocumentPath::path($game->document, $state->scene) ?? [];
        $written = DocumentPath::get($game->document, $path);
        $hidden = array_filter(
            DocumentPath::entries(is_array($written) ? $written : [], 'things'),
            static fn (array $thing): bool => ! in_array($thing['id'] ?? '', $shown, true),
        );

        return array_values(
            array_map(
                static fn (array $thing): array => [
                    'thing' => Names::of($game, is_string($thing['id'] ?? null) ? $thing['id'] : ''),
                    'when' => KindWords::ofCondition($game, $thing['if'] ?? null),
                ],
                $hidden,
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Play;

use Fravel\Document\Chapter;
use Fravel\Document\GameDocument;
use Fravel\Document\Scene;
use Fravel\Document\Showing;
use Fravel\Document\Token;
use Fravel\Film\Stop;
use Fravel\State\PlayState;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/**
 * All that a student's device may get: the present scene's shown things without rules, unopened backs, unearned cells
 * or anything of other scenes.
 */
final readonly class View
{
    /**
     * @param  array<string, mixed>  $scene  id, title, layout, backdrop, finding, sound, film, ending
     * @param  list<array<string, mixed>>  $things  id, kind, label, box, turn, shape, points, stays and what its kind
     *     shows
     * @param  list<array{id: string, name: string, kind: string, asset: ?string, md: string}>  $satchel
     * @param  list<array{name: string, value: int|float}>  $tallies  those that are shown
     * @param  list<array{title: ?string, state: string}>  $chapters  `ahead`, `here` or `seen`; no title while ahead
     */
    public function __construct(
        public array $scene,
        public array $things,
        public array $satchel,
        public array $tallies,
        public array $chapters,
        public bool $continues,
        public bool $back,
        public ?string $ended,
    ) {
    }

    public static function of(GameDocument $game, PlayState $state, int $now): self
    {
        $showing = new Showing($game, $state, $now);
        $scene = $game->scene($state->scene);
        $goesOn = $scene !== null && $state->ended === null;

        return new self(
            $scene === null ? [] : self::scene($scene, $showing),
            array_map(
                static fn (Thing $thing): array => self::thing($thing, $showing),
                $scene?->shown($state, $now) ?? [],
            ),
            self::satchel($showing),
            self::tallies($showing),
            self::chapters($showing),
            $goesOn && $scene->goesOn($state, $now),
            $goesOn && $scene->back && isset($state->from[$scene->id]),
            $state->ended,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    /** @return array<string, mixed> */
    private static function scene(Scene $scene, Showing $showing): array
    {
        return [
            'id' => $scene->id,
            'title' => $showing->fill($scene->title !== '' ? $scene->title : self::filmTitle($scene, $showing)),
            'layout' => $scene->layout->value,
            'backdrop' => get_object_vars($scene->backdrop),
            'finding' => $scene->finding,
            'sound' => $scene->sound,
            'film' => $scene->stop === null ? null : self::film($scene->stop, $showing),
            'ending' => $scene->ending === null
                    ? null
                    : ['md' => $showing->fill($scene->ending->md)] + get_object_vars($scene->ending),
        ];
    }

    /** What a stop without a title of its own is called by: the scene of its film. */
    private static function filmTitle(Scene $scene, Showing $showing): string
    {
        return $showing->game->scene($scene->stop->home ?? '')->title ?? '';
    }

    /** @return array<string, mixed>|null the clip that a stop belongs to, with what the stop is to it */
    private static function film(Stop $stop, Showing $showing): ?array
    {
        foreach ($showing->game->scene($stop->home)->things ?? [] as $thing) {
            if ($thing->id === $stop->clip) {
                return [
                    ...self::thing($thing, $showing),
                    'stop' => [
                        'at' => $stop->at,
                        'lasts' => $stop->lasts,
                        'place' => $stop->place,
                        'isDone' => $stop->isDone($showing->state, $showing->now),
                    ],
                ];
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private static function thing(Thing $thing, Showing $showing): array
    {
        $common = $thing->common;

        return [
            'id' => $thing->id,
            'kind' => Things::kindOf($thing),
            'label' => $showing->fill($common->label),
            'box' => $common->box,
            'turn' => $common->turn,
            'shape' => $common->shape,
            'points' => $common->points,
            'stays' => $common->stays,
            ...$thing->shown($showing),
        ];
    }

    /** @return list<array{id: string, name: string, kind: string, asset: ?string, md: string}> */
    private static function satchel(Showing $showing): array
    {
        $held = [];
        foreach ($showing->state->tokens as $id) {
            $token = $showing->game->tokens()[$id] ?? null;
            if ($token instanceof Token && $token->isShown()) {
                $held[] = [
                    'id' => $token->id,
                    'name' => $token->name,
                    'kind' => $token->kind,
                    'asset' => $token->asset,
                    'md' => $showing->fill($token->md),
                ];
            }
        }

        return $held;
    }

    /** @return list<array{name: string, value: int|float}> */
    private static function tallies(Showing $showing): array
    {
        $shown = [];
        foreach ($showing->game->tallies() as $tally) {
            if ($tally->shown) {
                $shown[] = ['name' => $tally->name, 'value' => $showing->state->tally($tally->id)];
            }
        }

        return $shown;
    }

    /** @return list<array{title: ?string, state: string}> */
    private static function chapters(Showing $showing): array
    {
        $game = $showing->game;
        $here = $game->chapterOf($showing->state->scene);
        $seen = array_map($game->chapterOf(...), $showing->state->visited);
        $stamp = static function (Chapter $chapter) use ($here, $seen): array {
            $state = match (true) {
                $chapter->id === $here => 'here',
                in_array($chapter->id, $seen, true) => 'seen',
                default => 'ahead',
            };

            return ['title' => $state === 'ahead' ? null : $chapter->title, 'state' => $state];
        };

        return array_map($stamp, array_values($game->chapters()));
    }
}

<?php

declare(strict_types=1);

namespace App\View;

use App\Play\CompiledEdition;
use App\Play\OnStage;
use App\Play\Screen;
use Fravel\Document\GameDocument;
use Fravel\Document\Scene;
use Fravel\Pattern\BoardLayout;
use Fravel\Play\Playing;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/**
 * The scenes of a game that uncover something, for the front of the room: what stands on each, with both sides of every
 * cover. It is the teacher's own.
 *
 * @phpstan-type Page array{screen: Screen, things: list<array<string, mixed>>}
 */
final readonly class Board
{
    /** What is shown of a scene: what asks or leads on has no place on a board. */
    private const SHOWN = ['text', 'picture', 'cover'];

    /** @param  list<Page>  $pages */
    private function __construct(public array $pages)
    {
    }

    public static function of(GameDocument $game): self
    {
        $edition = CompiledEdition::ofDraft($game);
        $scenes = array_filter($game->scenes(), static fn (Scene $scene): bool => self::covers($scene) !== []);

        return new self(array_values(array_map(static function (Scene $scene) use ($edition): array {
            $state = Playing::startAt($edition->game, $scene->id, [], [], 1, 0)->state;
            foreach (self::covers($scene) as $cover) {
                $state = $state->lift($cover->id);
            }
            $screen = new Screen($edition, $state, 0);

            return ['screen' => $screen, 'things' => self::things($screen)];
        }, $scenes)));
    }

    /** @return list<Thing> */
    private static function covers(Scene $scene): array
    {
        return array_values(array_filter(
            Things::flattened($scene->things), static fn (Thing $thing): bool => Things::kindOf($thing) === 'cover',
        ));
    }

    /**
     * What stands there, each cover shut and with its back; those of a page are laid out.
     *
     * @return list<array<string, mixed>>
     */
    private static function things(Screen $screen): array
    {
        if ($screen->isStage()) {
            $placed = array_values(array_filter(
                OnStage::of($screen), static fn (array $thing): bool => in_array($thing['kind'], self::SHOWN, true),
            ));
        } else {
            $covers = array_values(array_filter(
                $screen->view->things, static fn (array $thing): bool => $thing['kind'] === 'cover',
            ));
            $placed = self::laidOut($covers, $screen);
        }

        return array_map(
            static fn (array $thing): array => $thing['kind'] === 'cover' ? ['lifted' => false] + $thing : $thing,
            $placed,
        );
    }

    /**
     * @param  list<array<string, mixed>>  $covers
     * @return list<array<string, mixed>>
     */
    private static function laidOut(array $covers, Screen $screen): array
    {
        $words = array_map(static fn (array $cover): array => [
            $screen->plain($cover['front']['md']), $screen->plain($cover['face']['md']),
        ], $covers);
        $isSlid = array_filter($covers, static fn (array $cover): bool => $cover['opens'] === 'slide') !== [];
        $isPulled = array_filter($covers, static fn (array $cover): bool => $cover['opens'] === 'pull') !== [];
        $layout = BoardLayout::of($words, $isPulled ? 'pull' : ($isSlid ? 'slide' : 'tap'));
        $sized = static fn (array $face): array => ['size' => $layout->size] + $face;

        return array_map(static fn (array $cover, array $box): array => [
            'box' => $box, 'turn' => 0, 'front' => $sized($cover['front']), 'face' => $sized($cover['face']),
        ] + $cover, $covers, $layout->boxes);
    }
}

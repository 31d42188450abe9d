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
use Fravel\State\PlayState;
use Fravel\Thing\FindIt;
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
    private const SHOWN = ['text', 'picture', ...self::REVEALING];

    /** What a board is there for. */
    private const REVEALING = ['cover', 'find'];

    /** @param  list<Page>  $pages */
    private function __construct(public array $pages)
    {
    }

    public static function of(GameDocument $game): self
    {
        $edition = CompiledEdition::ofDraft($game);
        $scenes = array_filter($game->scenes(), static fn (Scene $scene): bool => self::revealing($scene) !== []);

        return new self(array_values(array_map(static function (Scene $scene) use ($edition): array {
            $state = Playing::startAt($edition->game, $scene->id, [], [], 1, 0)->state;
            foreach (self::revealing($scene) as $thing) {
                $state = Things::findIt([$thing], $thing->id)?->begun($state) ?? $state->lift($thing->id);
            }
            $screen = new Screen($edition, $state, 0);

            return ['screen' => $screen, 'things' => self::things($screen, $scene)];
        }, $scenes)));
    }

    /** @return list<Thing> */
    private static function revealing(Scene $scene): array
    {
        return array_values(array_filter(
            Things::flattened($scene->things),
            static fn (Thing $thing): bool => in_array(Things::kindOf($thing), self::REVEALING, true),
        ));
    }

    /**
     * What belongs together on paper: the sides of each cover, and each prompt of a find-it board with its box.
     *
     * @param  list<array<string, mixed>>  $things  of a page
     * @return list<list<array<string, mixed>>> both sides of each, with `md` and `asset`
     */
    public static function cards(array $things): array
    {
        return array_merge([], ...array_map(static fn (array $thing): array => match ($thing['kind']) {
            'cover' => [[$thing['front'], $thing['face']]],
            'find' => self::found($thing),
            default => [],
        }, $things));
    }

    /**
     * @param  array<string, mixed>  $thing
     * @return list<list<array<string, mixed>>>
     */
    private static function found(array $thing): array
    {
        /** @var array<string, array<string, mixed>> $boxes */
        $boxes = array_column($thing['boxes'], null, 'id');
        /** @var list<array{ask: string, right: list<string>}> $questions */
        $questions = $thing['questions'];
        $sides = static fn (array $asked): array => [
            ['md' => $asked['ask'], 'asset' => null], $boxes[$asked['right'][0]],
        ];

        return array_map($sides, $questions);
    }

    /**
     * What stands there, each cover shut and with its back, each find-it board with all it asks; those of a page are
     * laid out.
     *
     * @return list<array<string, mixed>>
     */
    private static function things(Screen $screen, Scene $scene): array
    {
        if ($screen->isStage()) {
            $placed = array_values(array_filter(
                OnStage::of($screen), static fn (array $thing): bool => in_array($thing['kind'], self::SHOWN, true),
            ));
        } else {
            $placed = self::ofPage($screen);
        }

        return array_map(static fn (array $thing): array => match ($thing['kind']) {
            'cover' => ['lifted' => false] + $thing,
            'find' => $thing + self::asking(Things::findIt($scene->things, $thing['id']), $screen->state),
            default => $thing,
        }, $placed);
    }

    /**
     * What a find-it board asks, and what it says before.
     *
     * @return array<string, mixed>
     */
    private static function asking(?FindIt $board, PlayState $state): array
    {
        return $board === null
            ? []
            : ['questions' => $board->questions($state), 'directions' => $board->start, 'quiet' => $board->quiet];
    }

    /**
     * Covers fill the board; a find-it board has one of its own.
     *
     * @return list<array<string, mixed>>
     */
    private static function ofPage(Screen $screen): array
    {
        $of = static fn (string $kind): array => array_values(array_filter(
            $screen->view->things, static fn (array $thing): bool => $thing['kind'] === $kind,
        ));
        $whole = static fn (array $board): array => ['box' => [40, 30, 1520, 760], 'turn' => 0] + $board;

        return $of('cover') === [] ? array_map($whole, $of('find')) : self::laidOut($of('cover'), $screen);
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

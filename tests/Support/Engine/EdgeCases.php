<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Check\Check;
use Fravel\Check\Effort;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Play\Playing;
use Fravel\Play\View;
use Fravel\Simulate\VirtualClass;
use Fravel\State\Action;
use Tests\Support\Games;

/** A game with a number wherever one may stand, and what is done with it. */
final class EdgeCases
{
    /** Where numbers end, and what is taken for one. */
    public const NUMBERS = [
        0, 1, -1, 2 ** 31, 2 ** 53, PHP_INT_MAX, PHP_INT_MIN, -0.0, 0.5, 1e308, -1e308, 1e-320, 'NaN', '1e999',
    ];

    /** @return array<string, mixed> */
    public static function document(): array
    {
        $clip = [
            'id' => 'clip', 'kind' => 'clip', 'source' => 'https://example.org/x.mp4', 'length' => 60,
            'lines' => [['at' => 1, 'until' => 2, 'text' => 'x']],
            'moments' => [['id' => 'm', 'title' => 'M', 'at' => 3, 'until' => 9]],
            'cues' => [['id' => 'q', 'at' => 4, 'until' => 5, 'things' => []]],
        ];
        $long = ['match' => ['length' => ['min' => 5, 'max' => 90, 'of' => 'words']], 'verdict' => 'open'];
        $cover = [
            'id' => 'cover', 'kind' => 'cover', 'front' => ['md' => 'a'], 'back' => ['md' => 'b'], 'opens' => 'tap',
            'box' => [10, 20, 30, 40], 'turn' => 15,
        ];
        $number = [
            ['match' => ['number' => 5, 'tolerance' => 1], 'verdict' => 'open'],
            ['match' => ['between' => [1, 9]], 'verdict' => 'almost'],
            ['match' => ['close' => 'gannet', 'edits' => 2], 'verdict' => 'almost'],
        ];
        $tries = ['if' => ['tries' => 'word', 'is' => '>=', 'value' => 3], 'say' => 'So.'];

        return Games::document([
            ['id' => 'a', 'things' => [
                ['guard' => ['tries' => 3, 'wait' => 20], 'otherwise' => [$tries]] + Games::lock('word', 'x', [], [
                    'go' => 'b', 'do' => [['add' => 't', 'by' => 2]],
                ]),
                $clip, ['input' => ['type' => 'number'], 'rules' => $number] + Games::lock('number', '5'),
                ['input' => ['type' => 'long'], 'rules' => [$long]] + Games::lock('long', ''),
                ['input' => ['type' => 'digits', 'length' => 4]] + Games::lock('digits', '1234'), $cover,
            ]],
            ['id' => 's', 'stop' => ['clip' => 'clip', 'at' => 5, 'lasts' => 3], 'things' => []],
            ['id' => 'b', 'ending' => ['kind' => 'won', 'md' => '{=t}']],
        ], [
            'tallies' => [['id' => 't', 'name' => 'T', 'start' => 3]],
            'walkthroughs' => [['id' => 'w', 'steps' => [
                ['answer' => 'word', 'with' => 'no'], ['wait' => 30], ['answer' => 'word', 'with' => 'x'],
            ]]],
        ]);
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  list<string|int>  $before
     * @return array<string, list<string|int>> the places of numbers in a document, by their pointers
     */
    public static function numbers(array $part, array $before = []): array
    {
        $places = [];
        foreach ($part as $key => $value) {
            $place = [...$before, $key];
            $places += match (true) {
                is_array($value) => self::numbers($value, $place),
                is_int($value), is_float($value) => ['/'.implode('/', $place) => $place],
                default => [],
            };
        }

        return $places;
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  list<string|int>  $before
     * @return array<string, list<string|int>> the places of objects and lists in a document, by their pointers
     */
    public static function parts(array $part, array $before = []): array
    {
        $places = [];
        foreach (array_filter($part, is_array(...)) as $key => $value) {
            $place = [...$before, $key];
            $places += ['/'.implode('/', $place) => $place] + self::parts($value, $place);
        }

        return $places;
    }

    /**
     * Reads it, plays it, looks it over and lets made-up students play it; where it has no shape, that is told.
     *
     * @param  array<string, mixed>  $document
     */
    public static function through(array $document): bool
    {
        if (Validation::ofShape($document) !== []) {
            return false;
        }
        $game = GameDocument::of($document);
        $state = Playing::start($game, 1, 1000)->state;
        View::of($game, $state, 1000);
        foreach ($game->scene('a')->things ?? [] as $thing) {
            foreach ([...$thing->actions(), ['answer' => $thing->id, 'with' => '9e999']] as $action) {
                $meant = Action::of($action);
                $meant === null || Playing::act($game, $state, $meant, 2_000_000_000);
            }
        }
        Check::of($game, 60, effort: new Effort(4000));
        VirtualClass::logs($game, 1, 1, 60);

        return true;
    }
}

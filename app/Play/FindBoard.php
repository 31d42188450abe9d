<?php

declare(strict_types=1);

namespace App\Play;

use Fravel\Pattern\BoardLayout;

/** Where the parts of a find-it board stand on a stage: the prompt above, the boxes in a grid that fills the rest. */
final readonly class FindBoard
{
    /** Height of the band with the prompt, and room below it, in units. */
    private const BAND = 128;

    private const GAP = 20;

    /** Letters of a prompt that stand in one line, and in two. */
    private const LINES = [58, 150];

    /**
     * @param  array{int|float, int|float, int|float, int|float}  $band
     * @param  list<array{int, int, int, int}>  $boxes
     * @param  string  $size  of the words in them
     */
    private function __construct(public array $band, public array $boxes, public string $size)
    {
    }

    /** @param  array<string, mixed>  $thing  as it is shown, with a place on the stage */
    public static function on(array $thing, Screen $screen): self
    {
        [$x, $y, $width, $height] = $thing['box'];
        $words = array_map($screen->plain(...), array_column($thing['boxes'], 'md'));
        $room = [$x, $y + self::BAND + self::GAP, $width, max(1, $height - self::BAND - self::GAP)];
        $layout = BoardLayout::of(array_chunk($words, 1), 'tap', $room);

        return new self([$x, $y, $width, self::BAND], $layout->boxes, $layout->size);
    }

    /**
     * How large a prompt stands in its band: by how many lines it takes.
     *
     * @param  array<string, mixed>  $thing
     */
    public static function sizeOfPrompt(array $thing, Screen $screen): string
    {
        $letters = mb_strlen($screen->plain($thing['prompt']));

        return $letters <= self::LINES[0] ? 'title' : ($letters <= self::LINES[1] ? 'body' : 'small');
    }

    /**
     * What a box is called for those who hear it.
     *
     * @param  array<string, mixed>  $box
     */
    public static function called(array $box, int $place, Screen $screen): string
    {
        $name = $screen->plain($box['md'])
            ?: $screen->edition->alt($box['asset'])
            ?: (string) __('play.find.box', ['number' => $place + 1]);

        return $box['isFound'] ? (string) __('play.find.marked', ['box' => $name]) : $name;
    }
}

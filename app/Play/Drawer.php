<?php

declare(strict_types=1);

namespace App\Play;

use Illuminate\Support\HtmlString;

/**
 * Where the parts of a cover stand that is drawn out or slid across, in units of its stage. A pull cover's back comes
 * out behind its handle; a slide cover has two halves, of which a board covers one.
 */
final readonly class Drawer
{
    /** Width and height on a page. */
    private const ROOM = [480, 130];

    private const WAYS = ['left' => [-1, 0], 'right' => [1, 0], 'up' => [0, -1], 'down' => [0, 1]];

    /**
     * @param  list<float>  $back  box of what is under it, when it is open
     * @param  list<float>  $front  box of the words that lead there
     * @param  list<float>  $moved  box of the part that is moved, when it is shut
     * @param  array{float, float}  $way  how far that part goes
     */
    private function __construct(public array $back, public array $front, public array $moved, public array $way)
    {
    }

    /** @param  array<string, mixed>  $thing  a cover that is pulled or slid */
    public static function of(array $thing): self
    {
        [$x, $y, $width, $height] = array_map(floatval(...), $thing['box']);
        [$across, $down] = self::WAYS[$thing['toward']];
        if ($thing['opens'] === 'pull') {
            $whole = [$x, $y, $width, $height];

            return new self($whole, $whole, $whole, [$across * $width, $down * $height]);
        }
        [$w, $h] = $across === 0 ? [$width, $height / 2] : [$width / 2, $height];
        $near = [$x + ($across > 0 ? $w : 0), $y + ($down > 0 ? $h : 0), $w, $h];
        $far = [$x + ($across < 0 ? $w : 0), $y + ($down < 0 ? $h : 0), $w, $h];

        return new self($far, $near, $far, [$across * $w, $down * $h]);
    }

    /**
     * The cover with a place of its own, for a page: its slot and the way out of it.
     *
     * @param  array<string, mixed>  $thing
     * @return array<string, mixed>
     */
    public static function onPage(array $thing): array
    {
        [$across, $down] = self::WAYS[$thing['toward']];
        if ($thing['opens'] === 'slide') {
            return ['box' => [0, 0, ...self::ROOM]] + $thing;
        }
        [$width, $height] = $across === 0 ? self::ROOM : [self::ROOM[0] / 2, self::ROOM[1]];

        return ['box' => [$across < 0 ? $width : 0, $down < 0 ? $height : 0, $width, $height]] + $thing;
    }

    /**
     * What a cover takes up of a page, as a view box.
     *
     * @param  array<string, mixed>  $thing
     */
    public static function room(array $thing): string
    {
        [$width, $height] = self::ROOM;

        $isTall = $thing['opens'] === 'pull' && self::WAYS[$thing['toward']][0] === 0;

        return "0 0 {$width} ".($isTall ? 2 * $height : $height);
    }

    /**
     * Where it goes next.
     *
     * @param  array<string, mixed>  $thing
     */
    public static function next(array $thing): string
    {
        $back = ['left' => 'right', 'right' => 'left', 'up' => 'down', 'down' => 'up'];

        return $thing['lifted'] ? $back[$thing['toward']] : $thing['toward'];
    }

    /** @param  list<float>  $box */
    public static function box(array $box): HtmlString
    {
        return new HtmlString(vsprintf('x="%s" y="%s" width="%s" height="%s"', $box));
    }

    /** A part that has gone so far of the way. */
    public function gone(float $share): HtmlString
    {
        return new HtmlString(sprintf('transform="translate(%s %s)"', $share * $this->way[0], $share * $this->way[1]));
    }
}

<?php

declare(strict_types=1);

namespace App\View;

use App\Play\Markdown;
use Fravel\Document\GameDocument;
use Fravel\Mosaic\Reduction;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;
use RuntimeException;

/** A mosaic on paper: which question and which colour each cell belongs to, and the questions with their answers. */
final readonly class MosaicSheet
{
    /** Points of the longer side of the picture, at most. */
    private const SIDE = 1920;

    /**
     * @param  list<string>  $marks  of each cell, row by row, such as "3b"
     * @param  list<array{ask: string, answer: string}>  $questions
     * @param  array<array-key, string>  $colours  sign → colour as #rrggbb
     */
    private function __construct(
        public string $id, public int $columns, public int $rows, public array $marks, public array $questions,
        public array $colours, private string $cells,
    ) {
    }

    /** Null where there is no such mosaic, or no picture in it yet. */
    public static function of(GameDocument $game, string $id): ?self
    {
        $mosaic = Things::mosaic($game->scene($game->sceneOf($id) ?? '')->things ?? [], $id);
        $owners = $mosaic?->owners() ?? [];
        if ($mosaic === null || $owners === []) {
            return null;
        }
        $signs = str_split(Reduction::SIGNS);
        $palette = array_slice($mosaic->palette, 0, count($signs));
        $marks = array_map(
            static fn (string $sign, int $owner): string => ($owner + 1).$sign, str_split($mosaic->cells), $owners,
        );
        $questions = array_map(static function (string|int $lock) use ($game): array {
            $found = $game->lock((string) $lock);

            return ['ask' => self::plain($found->ask ?? ''), 'answer' => self::answer($found)];
        }, array_keys($mosaic->shares));

        return new self(
            $id, $mosaic->columns, $mosaic->rows, $marks, $questions,
            array_combine(array_slice($signs, 0, count($palette)), $palette), $mosaic->cells,
        );
    }

    /** The whole picture as a drawing. */
    public function svg(): string
    {
        $cells = '';
        foreach (str_split($this->cells) as $cell => $sign) {
            [$x, $y] = [$cell % $this->columns, intdiv($cell, $this->columns)];
            $cells .= "<path fill=\"{$this->colour($sign)}\" d=\"M{$x} {$y}h1v1h-1z\"/>";
        }

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$this->columns} {$this->rows}\" "
            ."shape-rendering=\"crispEdges\">{$cells}</svg>";
    }

    /** The whole picture in points, about as large as a screen. */
    public function png(): string
    {
        $size = max(1, intdiv(self::SIDE, max($this->columns, $this->rows)));
        $image = imagecreatetruecolor(max(1, $this->columns * $size), max(1, $this->rows * $size))
            ?: throw new RuntimeException('No picture could be made.');
        foreach (str_split($this->cells) as $cell => $sign) {
            [$x, $y] = [$cell % $this->columns * $size, intdiv($cell, $this->columns) * $size];
            $colour = (int) hexdec(substr($this->colour($sign), 1));
            imagefilledrectangle($image, $x, $y, $x + $size - 1, $y + $size - 1, $colour);
        }
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    /** Of a cell whose sign stands for no colour: that of paper. */
    private function colour(string $sign): string
    {
        return $this->colours[$sign] ?? '#ffffff';
    }

    private static function answer(?Lock $lock): string
    {
        foreach ($lock->rules ?? [] as $rule) {
            if ($rule->opens() && $lock !== null) {
                return $rule->match->names($lock->input)[0] ?? '';
            }
        }

        return '';
    }

    private static function plain(string $md): string
    {
        return trim(html_entity_decode(strip_tags(Markdown::html($md)), ENT_QUOTES));
    }
}

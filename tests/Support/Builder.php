<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A person building on a stage, whose every action is counted. */
final class Builder
{
    private const DOWN = ['type' => 'pointerDown', 'button' => 0];

    private const UP = ['type' => 'pointerUp', 'button' => 0];

    private const PRESS = [self::DOWN, self::UP];

    private const PAUSE = ['type' => 'pause'];

    public int $actions = 0;

    public function __construct(public readonly Browser $browser)
    {
    }

    /** Before the workshop of a new game of one scene. */
    public static function ofNewGame(string $title): self
    {
        return new self(
            Screens::teacher()->go('/games/new')->type('#title', $title)->press('Begin')->see('This scene'),
        );
    }

    /** When all that was done has arrived. */
    public function kept(): Browser
    {
        // What leaving a field sets off has begun once two frames were drawn.
        $this->browser->script(
            'document.activeElement?.blur(); return new Promise((drawn) => requestAnimationFrame(() => '
                .'requestAnimationFrame(drawn)))',
        );

        return $this->browser->see('all changes kept');
    }

    /** When what a pattern builds is on its way, which is when its form closes; "kept" before that is of before. */
    public function built(): self
    {
        $this->browser->until(fn (): bool => ! $this->browser->has('dialog.patterns[open]'));

        return $this;
    }

    /** @return array<string, mixed> the document as it is kept */
    public function document(): array
    {
        return $this->kept()
            ->script(
                'return fetch(location.pathname + "/document").then((reply) => reply.json()).then((kept) => '
                    .'kept.document)',
            );
    }

    public function click(string $selector): self
    {
        $this->browser->click($selector);

        return $this->counted();
    }

    /** Begins a new game with a pattern. */
    public function offer(string $pattern): self
    {
        $this->browser->script(
            "document.querySelector('input[name=pattern][value={$pattern}]').form.querySelector('button').click()",
        );
        $this->browser->find('.patterns-form');

        return $this->counted();
    }

    /** Puts text into a field in one go, as from the clipboard. */
    public function paste(string $selector, string $text): self
    {
        $this->browser->find($selector);
        $this->browser->script('document.querySelector(arguments[0]).scrollIntoView({block: "center"})', $selector);
        $this->browser->find($selector)->click();
        // A form that is drawn anew just then may have taken the focus away.
        $this->browser->script(
            'document.querySelector(arguments[0]).focus(); document.execCommand("insertText", false, arguments[1])',
            $selector, $text,
        );

        return $this->counted();
    }

    /** @param  list<string>  $paths */
    public function chooseFiles(string $selector, array $paths): self
    {
        $this->browser->driver->findElement(WebDriverBy::cssSelector($selector))->sendKeys(implode("\n", $paths));

        // Opening the list of files and choosing from it.
        return $this->counted()->counted();
    }

    /** Pastes a table or a list into a field, as what a spreadsheet puts on the clipboard. */
    public function pasteTable(string $selector, string $text): self
    {
        $this->browser->find($selector)->click();
        $this->browser->script(
            'const clipboardData = new DataTransfer(); clipboardData.setData("text", arguments[0]);'
                .'document.activeElement.dispatchEvent(new ClipboardEvent("paste", {clipboardData, bubbles: true, '
                .'cancelable: true}))',
            $text,
        );

        return $this->counted();
    }

    /** Presses something that has no box of its own to be found by, such as a line. */
    public function pressOn(string $selector): self
    {
        $this->browser->find($selector);
        [$x, $y] = $this->middleOf($selector);
        $this->browser->perform(Browser::mouse([self::move($x, $y, 0), ...self::PRESS]));

        return $this->counted();
    }

    /** @return array{int, int} the middle of a line on the screen, as soon as it stands still */
    private function middleOf(string $selector): array
    {
        $seen = [];
        $this->browser->until(function () use ($selector, &$seen): bool {
            $seen[] = $this->middleNow($selector);

            return count($seen) > 1 && $seen[count($seen) - 1] === $seen[count($seen) - 2];
        });

        return $this->middleNow($selector);
    }

    /** @return array{int, int} */
    private function middleNow(string $selector): array
    {
        return $this->browser->script(
            'const line = document.querySelector(arguments[0]); const at = '
                .'line.getPointAtLength(line.getTotalLength() / 2).matrixTransform(line.getScreenCTM()); return '
                .'[at.x, at.y].map(Math.round)',
            $selector,
        );
    }

    public function press(string $words): self
    {
        $this->browser->press($words);

        return $this->counted();
    }

    public function type(string $selector, string $text): self
    {
        $this->browser->type($selector, $text);

        return $this->counted();
    }

    public function choose(string $selector, string $option): self
    {
        $this->browser->choose($selector, $option);

        // Opening a list and choosing from it.
        return $this->counted()->counted();
    }

    /** From one point of the stage to another, in its units. */
    public function drag(int $x, int $y, int $toX, int $toY): self
    {
        [$left, $top, $scale] = $this->browser->script(
            'const box = document.querySelector(".stage").getBoundingClientRect(); return [box.left, box.top, '
                .'box.width / 1600]',
        );
        $at = static fn (int $x, int $y): array => self::move(
            (int) round($left + $x * $scale), (int) round($top + $y * $scale), 40,
        );
        $middle = $at(intdiv($x + $toX, 2), intdiv($y + $toY, 2));
        $this->browser->perform(Browser::mouse([$at($x, $y), self::DOWN, $middle, $at($toX, $toY), self::UP]));

        return $this->counted();
    }

    /** From one thing on the screen onto the upper edge of another. */
    public function carry(string $from, string $onto): self
    {
        $this->browser->until(fn (): bool => $this->browser->has($from) && $this->browser->has($onto));
        [$x, $y, $toX, $toY] = $this->browser->script(
            'const [a, b] = [...arguments].map((one) => document.querySelector(one).getBoundingClientRect()); return '
                .'[a.x + a.width / 2, a.y + a.height / 2, b.x + b.width / 2, b.y + 4].map(Math.round)',
            $from, $onto,
        );
        $move = static fn (int $x, int $y): array => self::move($x, $y, 120);
        $rest = ['type' => 'pause', 'duration' => 200];
        $way = [$move($x, $y - 10), $move($toX, $toY + 10), $move($toX, $toY), $rest];
        $this->browser->perform(Browser::mouse([$move($x, $y), self::DOWN, ...$way, self::UP]));

        return $this->counted();
    }

    /** A frame drawn with Shift held, from one point of the screen to another. */
    public function frame(int $x, int $y, int $toX, int $toY): self
    {
        $move = static fn (int $x, int $y): array => self::move($x, $y, 80);
        $way = [$move(intdiv($x + $toX, 2), intdiv($y + $toY, 2)), $move($toX, $toY)];
        $this->browser->perform(
            self::withShift(6), Browser::mouse([self::PAUSE, $move($x, $y), self::DOWN, ...$way, self::UP]),
        );

        return $this->counted();
    }

    /** One more thing picked, at a point of the stage. */
    public function pickToo(int $x, int $y): self
    {
        [$left, $top, $scale] = $this->browser->script(
            'const box = document.querySelector(".stage").getBoundingClientRect(); return [box.left, box.top, '
                .'box.width / 1600]',
        );
        $at = self::move((int) round($left + $x * $scale), (int) round($top + $y * $scale), 0);
        $this->browser->perform(self::withShift(3), Browser::mouse([$at, ...self::PRESS]));

        return $this->counted();
    }

    /** @return array<string, mixed> the thing of the first scene at this place, the last for -1 */
    public function thing(int $place = -1): array
    {
        return array_slice($this->document()['scenes'][0]['things'], $place, 1)[0];
    }

    /** @return array{type: string, duration: int, x: int, y: int} */
    private static function move(int $x, int $y, int $duration): array
    {
        return ['type' => 'pointerMove', 'duration' => $duration, 'x' => $x, 'y' => $y];
    }

    /**
     * Shift, held while another does so many things.
     *
     * @return array<string, mixed>
     */
    private static function withShift(int $ticks): array
    {
        $held = array_fill(0, $ticks - 1, self::PAUSE);
        [$down, $up] = [
            ['type' => 'keyDown', 'value' => WebDriverKeys::SHIFT],
            ['type' => 'keyUp', 'value' => WebDriverKeys::SHIFT],
        ];

        return ['type' => 'key', 'id' => 'keys', 'actions' => [$down, ...$held, $up]];
    }

    private function counted(): self
    {
        $this->actions++;

        return $this;
    }
}

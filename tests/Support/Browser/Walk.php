<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use Fravel\Check\Search\Exploration;
use Fravel\Document\GameDocument;
use Fravel\Document\Scene;
use Fravel\Thing\FindIt;
use RuntimeException;
use Tests\Support\Browser;
use Tests\Support\Browsers\Kind;

/** Plays a game on a screen, step by step, by what is seen there alone, and measures the screen at each. */
final class Walk
{
    private const STATES = 50_000;

    /** Two phones, a tablet, a small laptop. */
    private const SCREENS = [[390, 844], [360, 640], [820, 1180], [1366, 625]];

    /** @var list<string> what is wrong with a screen, and where */
    public array $faults = [];

    private function __construct(private readonly Browser $student, private readonly GameDocument $game)
    {
    }

    /** @return list<string> what was wrong on the way to an ending */
    public static function through(Browser $student, GameDocument $game): array
    {
        $walk = new self($student, $game);
        $walk->measure();
        foreach (self::to($game) as $step) {
            $walk->take($step);
            $walk->measure();
        }

        return array_values(array_unique($walk->faults));
    }

    /**
     * Each on one screen in turn; on all of them where FRAVEL_WALK says so, on a phone and a tablet in other browsers.
     *
     * @param  list<string>  $played
     * @return list<array{string, int, int}>
     */
    public static function onScreens(array $played): array
    {
        $isWhole = getenv('FRAVEL_WALK') === 'whole';
        $screens = $isWhole || Kind::chosen() === Kind::Chromium ? self::SCREENS : [[390, 844], [820, 1180]];
        $isOnAll = $isWhole || Kind::chosen() !== Kind::Chromium;
        $walks = [];
        foreach ($played as $place => $name) {
            foreach ($isOnAll ? $screens : [$screens[$place % count($screens)]] as [$width, $height]) {
                $walks[] = [$name, $width, $height];
            }
        }

        return $walks;
    }

    /**
     * Every third of what is alike in kind, and all of it where FRAVEL_WALK says so or another browser is tried.
     *
     * @param  list<string>  $played
     * @return list<string>
     */
    public static function everyday(array $played): array
    {
        $isWhole = getenv('FRAVEL_WALK') === 'whole' || Kind::chosen() !== Kind::Chromium;

        return array_values(array_filter(
            $played, static fn (int $place): bool => $isWhole || $place % 3 === 0, ARRAY_FILTER_USE_KEY,
        ));
    }

    /** @return list<string> what is wrong with what is shown now */
    public static function faultsOf(Browser $student): array
    {
        return $student->script(self::MEASURE);
    }

    /** @return list<array<string, mixed>> fewest actions to an ending that is not lost, or all covers lifted */
    private static function to(GameDocument $game): array
    {
        foreach ($game->scenes() as $scene) {
            $isEnd = in_array($scene->ending?->kind, ['won', 'open'], true);
            $way = $isEnd ? Exploration::wayInto($game, $scene->id, self::STATES) : null;
            if ($way !== null) {
                return $way;
            }
        }

        return self::lifts($game->scene($game->start()));
    }

    /** @return list<array<string, mixed>> */
    private static function lifts(?Scene $scene): array
    {
        $lifts = [];
        foreach ($scene->things ?? [] as $thing) {
            array_push($lifts, ...array_filter($thing->actions(), static fn (array $one): bool => isset($one['lift'])));
        }

        return $lifts;
    }

    /** @param  array<string, mixed>  $step */
    private function take(array $step): void
    {
        $before = $this->scene();
        match (true) {
            isset($step['answer']) => $this->answer((string) $step['answer'], $step['with']),
            isset($step['choose']) => $this->press('choose', (string) $step['choose']),
            isset($step['find']) => $this->find((string) $step['find']),
            isset($step['cue']) => $this->watch((string) $step['cue']),
            isset($step['lift']) => $this->press('lift', (string) $step['lift']),
            isset($step['continue']) => $this->press('continue', ''),
            default => throw new RuntimeException('No way to do '.json_encode($step)),
        };
        $this->settled();
        if (isset($step['answer']) && $this->scene() === $before) {
            $this->isTold((string) $step['answer']);
        }
        $this->student->script('document.querySelector("dialog[open] .panel-close")?.click()');
    }

    /** The box that answers what a board asks now, which is drawn anew for each play. */
    private function find(string $board): void
    {
        $begin = '.find-start button';
        if ($this->isSeen($begin)) {
            $this->go($begin);
            $this->settled();
            $this->measure();
        }
        $asked = $this->student->script('return document.querySelector("[data-find-prompt]")?.textContent.trim()');
        foreach ($this->game->scene($this->scene())->things ?? [] as $thing) {
            foreach ($thing->id === $board && $thing instanceof FindIt ? $thing->boxes : [] as $box) {
                if (trim(strtr($box->ask, ['*' => ''])) === $asked) {
                    $this->go("[data-box='{$box->id}']");

                    return;
                }
            }
        }
    }

    /** The film up to a stop. */
    private function watch(string $stop): void
    {
        $this->isSeen('[data-film-begin]') && $this->go('[data-film-begin]');
        $this->student->until(fn (): bool => (bool) $this->student->script(self::WIND, $stop));
        $this->student->until(fn (): bool => $this->scene() === $stop);
    }

    private function answer(string $lock, mixed $with): void
    {
        $form = "[data-answer='{$lock}']";
        if (! $this->isSeen($form)) {
            $this->go("[data-panel='{$lock}']");
            $this->student->until(fn (): bool => $this->isSeen($form));
            $this->measure();
        }
        $this->settled();
        foreach ($this->student->script(self::FILL, $lock, $with) as $place => $keys) {
            $part = "[data-walk='{$place}']";
            $keys === '' ? $this->student->click($part) : $this->student->type($part, $keys);
        }
        $this->go("{$form} .try");
    }

    /** Presses the one of these that is seen. */
    private function go(string $selector): void
    {
        $this->pressed('return [...document.querySelectorAll(arguments[0])]', $selector);
    }

    private function press(string $verb, string $on): void
    {
        $this->pressed(self::BUTTONS, $verb, $on);
    }

    private function pressed(string $found, string ...$arguments): void
    {
        $isSeen = $this->student->script(
            "const parts = (function () { {$found} }).apply(null, arguments); ".self::MARK, ...$arguments,
        );
        $isSeen ?: throw new RuntimeException(implode(' ', $arguments)." is not seen: {$this->student->text()}");
        $this->student->click('[data-walk=here]');
    }

    private function settled(): void
    {
        $this->student->until(fn (): bool => (bool) $this->student->script(
            'return !document.querySelector("form[data-busy], #play[data-resting]")',
        ));
    }

    private function isTold(string $lock): void
    {
        $this->student->script(self::TOLD, $lock) ?: $this->fault("verdict out of sight at {$lock}");
    }

    private function measure(): void
    {
        foreach (self::faultsOf($this->student) as $fault) {
            $this->fault($fault);
        }
    }

    private function fault(string $what): void
    {
        $this->faults[] = "{$this->scene()}: {$what}";
    }

    private function scene(): string
    {
        return (string) $this->student->script('return document.getElementById("scene-main").dataset.scene');
    }

    private function isSeen(string $selector): bool
    {
        return $this->student->script(
            'return [...document.querySelectorAll(arguments[0])].some((one) => one.checkVisibility())', $selector,
        );
    }

    /** The buttons of forms that do this. */
    private const BUTTONS = <<<'JS'
        const [verb, on] = arguments;
        const forms = [...document.querySelectorAll('form.act')].filter((form) => form.elements.verb.value === verb
            && (on === '' || form.elements.on.value === on));
        return forms.flatMap((form) => [...form.querySelectorAll('button')]);
        JS;

    /** Moves the film to shortly before a stop. */
    private const WIND = <<<'JS'
        const { stops, cues } = JSON.parse(document.querySelector('[data-film]').dataset.course);
        const video = document.querySelector('video');
        if (video.readyState === 0 || video.seeking) return false;
        video.currentTime = Math.max(0, [...stops, ...cues].find((one) => one.id === arguments[0]).at - 0.4);
        video.play();
        return true;
        JS;

    private const MARK = <<<'JS'
        document.querySelectorAll('[data-walk]').forEach((one) => one.removeAttribute('data-walk'));
        const here = parts.find((one) => one.checkVisibility());
        here?.setAttribute('data-walk', 'here');
        here?.scrollIntoView({ block: 'nearest' });
        return Boolean(here);
        JS;

    /** What is to be pressed, or typed and into which field, to give an answer; the rest is put into its fields. */
    private const FILL = <<<'JS'
        const [lock, given] = arguments;
        const form = document.querySelector(`[data-answer='${lock}']`);
        const answers = [given].flat();
        document.querySelectorAll('[data-walk]').forEach((one) => one.removeAttribute('data-walk'));
        const told = (parts) => parts.map(([part, keys], place) => (part.setAttribute('data-walk', place), keys));
        const field = [...form.querySelectorAll('input:not([type=hidden]), textarea')].find((one) =>
            one.name === 'with' && ['text', 'textarea'].includes(one.type) && one.checkVisibility());
        if (field) return told([[field, String(given)]]);
        const options = [...form.querySelectorAll('.option input')].filter((one) => answers.includes(one.value));
        if (options.length > 0) return told(options.map((one) => [one.closest('.option'), '']));
        const pad = form.querySelector('.places');
        if (pad) {
            const signs = typeof given === 'string' ? [...given] : answers;
            signs.forEach((sign) => form.querySelector(`[data-key='${sign}']`).click());
            return [];
        }
        const picture = form.querySelector('[data-sheet] img');
        if (picture) {
            const { left, top, width, height } = picture.getBoundingClientRect();
            // A little inside: the way that was found goes along the edges.
            const [x, y] = given.map((part) => part + 0.01);
            const at = { clientX: left + x * width, clientY: top + y * height, pointerId: 1 };
            for (const kind of ['pointerdown', 'pointerup', 'click']) {
                picture.dispatchEvent(new PointerEvent(kind, { bubbles: true, isPrimary: true, ...at }));
            }
            return [];
        }
        for (const [name, value] of Object.entries(given)) {
            const field = { type: 'hidden', name: `with[${name}]`, value };
            form.querySelectorAll(`[name="${field.name}"]`).forEach((one) => one.remove());
            form.append(Object.assign(document.createElement('input'), field));
        }
        return [];
        JS;

    private const TOLD = <<<'JS'
        const thing = document.getElementById(`thing-${arguments[0]}`);
        const told = [...thing.querySelectorAll('.said, [data-done]'), ...document.querySelectorAll('#happened .said')];
        return told.filter((one) => one.checkVisibility()).some((one) => {
            const { top, bottom } = one.getBoundingClientRect();
            return top >= -1 && Math.min(bottom, top + 40) <= innerHeight + 1;
        });
        JS;

    /** Parts outside the screen or under others, words that are cut, and a page that goes sideways. */
    private const MEASURE = <<<'JS'
        const faults = [];
        const name = (part) => `${part.tagName.toLowerCase()}.${part.className.baseVal ?? part.className} `
            + `"${(part.getAttribute('aria-label') ?? part.textContent).trim().slice(0, 40)}"`;
        if (document.documentElement.scrollWidth > innerWidth) faults.push('sideways');
        const page = document.querySelector('dialog[open]') ?? document.getElementById('play');
        const seen = [...page.querySelectorAll('*')].filter((one) => one.checkVisibility({ visibilityProperty: true })
            && !one.closest('.sr-only, .hidden-words, [aria-hidden=true], .words table'));
        for (const part of seen) {
            const box = part.getBoundingClientRect();
            if (box.width < 2 || box.height < 2) continue;
            const isPressed = part.matches('button, a[href], input:not([type=hidden]), textarea, select');
            const isWords = [...part.childNodes].some((one) => one.nodeType === 3 && one.data.trim() !== '');
            const isOutside = box.left < -1 || box.right > innerWidth + 1;
            if ((isPressed || isWords) && isOutside) faults.push(`outside ${name(part)}`);
            if (isPressed || isWords) {
                const { overflowX, overflowY, webkitLineClamp } = getComputedStyle(part);
                const isNarrow = overflowX !== 'visible' && part.scrollWidth > part.clientWidth + 1;
                const isLow = !['visible', 'auto', 'scroll'].includes(overflowY)
                    && part.scrollHeight > part.clientHeight + 2;
                const isMeant = webkitLineClamp !== 'none' || part.matches('input, textarea, select, .satchel-new');
                if ((isNarrow || isLow) && !isMeant) faults.push(`cut ${name(part)}`);
            }
            const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
            if (!isPressed || x < 0 || y < 0 || x >= innerWidth || y >= innerHeight) continue;
            const hit = document.elementFromPoint(x, y);
            const isHit = !hit || part.contains(hit) || hit.contains(part) || hit.closest('label')?.contains(part)
                || hit.matches('.stage-outline') || hit.closest('.rims, .find-band');
            const isClear = part.matches('.stage-clear, .stage-lock-clear');
            if (!isHit && !isClear) faults.push(`covered ${name(part)} by ${name(hit)}`);
        }
        // What has a layer of its own inside a drawing is painted, and looked for, elsewhere in WebKit.
        for (const part of page.querySelectorAll('.stage foreignObject *:not(.katex *, .hidden-words)')) {
            const { position, opacity, transform, filter, animationName } = getComputedStyle(part);
            const isFlat = [transform, filter, animationName].every((one) => one === 'none');
            if (position !== 'static' || opacity !== '1' || !isFlat) faults.push(`layer ${name(part)}`);
        }
        const rims = document.getElementById('rims')?.getBoundingClientRect().height ?? 0;
        if (innerWidth < 640 && rims > 76) faults.push(`satchel of ${rims} px`);
        return faults;
        JS;
}

<?php

declare(strict_types=1);

namespace Tests\Support;

use Closure;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;
use Tests\Support\Browsers\Chromium;
use Tests\Support\Browsers\Kind;

/** One person at one screen: a browser with what a test says of it. */
final class Browser
{
    /** Seconds to wait for what a page is to show. */
    private const PATIENCE = 25;

    /** Keys that stay down while others are pressed. */
    private const HELD = [
        WebDriverKeys::SHIFT, WebDriverKeys::CONTROL, WebDriverKeys::ALT, WebDriverKeys::META,
    ];

    private function __construct(public readonly RemoteWebDriver $driver, private readonly string $address)
    {
    }

    /** @var array<int, self> those that are still open, so that none outlives the process */
    private static array $open = [];

    private static bool $isClosing = false;

    public static function open(string $address, int $width = 1280, int $height = 800, bool $scripts = true): self
    {
        // Before the drivers', so that each is closed while its driver is still there.
        self::$isClosing || register_shutdown_function(self::closeAll(...));
        self::$isClosing = true;
        $driver = Kind::chosen()->open($width, $height, $scripts);
        $browser = new self($driver, $address);
        self::$open[spl_object_id($browser)] = $browser;

        return $browser->resize($width, $height);
    }

    /** Makes the page itself this large, whatever the window's rim takes. */
    public function resize(int $width, int $height): self
    {
        $this->driver->manage()->window()->setSize(new WebDriverDimension($width, $height));
        [$inWidth, $inHeight] = $this->driver->executeScript(
            'return [window.innerWidth, window.innerHeight]',
        ) ?: [$width, $height];
        $this->driver
            ->manage()
            ->window()
            ->setSize(new WebDriverDimension(2 * $width - $inWidth, 2 * $height - $inHeight));

        return $this;
    }

    public function go(string $path): self
    {
        $this->driver->get($this->address.$path);

        return $this;
    }

    public function signIn(string $email, string $password): self
    {
        return $this->go('/sign-in')->type('#field-email', $email)->type('#field-password', $password)
            ->click('main .button.primary')->see('Your games');
    }

    public function find(string $selector): RemoteWebElement
    {
        $by = WebDriverBy::cssSelector($selector);

        /** @var RemoteWebElement */
        return $this->driver->wait(self::PATIENCE, 50)
            ->until(WebDriverExpectedCondition::visibilityOfElementLocated($by), "Nothing visible at {$selector}.");
    }

    public function has(string $selector): bool
    {
        return $this->driver->findElements(WebDriverBy::cssSelector($selector)) !== [];
    }

    public function type(string $selector, string $text): self
    {
        return $this->steadily(function () use ($selector, $text): void {
            $field = $this->find($selector);
            $whole = [WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL];
            $field->sendKeys([...$whole, str_replace("\n", WebDriverKeys::ENTER, $text)]);
        });
    }

    public function click(string $selector): self
    {
        return $this->pressed(fn (): WebDriverElement => $this->find($selector));
    }

    /**
     * Again when the page drew the element anew before it was used, or something is still over it, as a person would.
     */
    private function steadily(Closure $act): self
    {
        for ($try = 1; ; $try++) {
            try {
                $act();

                return $this;
            } catch (StaleElementReferenceException|ElementClickInterceptedException $early) {
                $try < 25 ? usleep(100_000) : throw $early;
            }
        }
    }

    /** What has just come under a finger takes no tap. */
    private function rested(): void
    {
        $this->until(fn (): bool => ! $this->script('return Boolean(document.querySelector("#play[data-resting]"))'));
    }

    /** Presses in the middle of what a drawing holds, of which not every browser says whether it is seen. */
    public function pressDrawn(string $selector): self
    {
        $this->until(fn (): bool => $this->has($selector));
        $this->rested();
        [$x, $y] = $this->script(
            'const box = document.querySelector(arguments[0]).getBoundingClientRect();'
                .'return [box.x + box.width / 2, box.y + box.height / 2].map(Math.round)',
            $selector,
        );
        [$down, $up] = [['type' => 'pointerDown', 'button' => 0], ['type' => 'pointerUp', 'button' => 0]];

        $there = ['type' => 'pointerMove', 'duration' => 0, 'x' => $x, 'y' => $y];

        return $this->perform(self::mouse([$there, $down, $up]));
    }

    /** Presses the button or link with these words. */
    public function press(string $words): self
    {
        $quoted = str_contains($words, '"') ? "'{$words}'" : "\"{$words}\"";
        $path = "//*[self::button or self::a or self::summary][normalize-space(.)={$quoted} or @aria-label={$quoted}]";

        return $this->pressed(
            fn (): WebDriverElement => $this->await(
                fn (): ?WebDriverElement => $this->pressable($path), "Nothing to press says {$words}.",
            ),
        );
    }

    /** Presses what is found; moves it to the middle of the window when something stays over it. */
    private function pressed(Closure $find): self
    {
        return $this->steadily(function () use ($find): void {
            $found = $find();
            // What was looked for may have come just now.
            $this->rested();
            try {
                $found->click();
            } catch (ElementClickInterceptedException $covered) {
                $this->script('arguments[0].scrollIntoView({block: "center"})', $found);

                throw $covered;
            }
        });
    }

    /** The first of what is found that is seen and can be pressed. */
    private function pressable(string $path): ?WebDriverElement
    {
        foreach ($this->driver->findElements(WebDriverBy::xpath($path)) as $found) {
            if ($found->isDisplayed() && $found->isEnabled()) {
                return $found;
            }
        }

        return null;
    }

    /** Enters a code into the places that are seen, by the keyboard. */
    public function enter(string $code): self
    {
        $places = $this->has('dialog .places') ? 'dialog .places' : '.places';

        return $this->click($places)->keys($code);
    }

    /**
     * Fingers on the screen, moment by moment: where each is, or none. Only Chromium is told so.
     *
     * @param  list<list<array{int, int}>>  $moments
     */
    public function touch(array $moments): self
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => true, 'maxTouchPoints' => 5]);
        foreach ([...$moments, []] as $place => $fingers) {
            $tools->execute('Input.dispatchTouchEvent', [
                'type' => match (true) {
                    $fingers === [] => 'touchEnd',
                    count($fingers) > count($moments[$place - 1] ?? []) => 'touchStart',
                    default => 'touchMove',
                },
                'touchPoints' => array_map(
                    static fn (array $at, int $id): array => ['x' => $at[0], 'y' => $at[1], 'id' => $id],
                    $fingers, array_keys($fingers),
                ),
            ]);
        }

        return $this;
    }

    public function choose(string $selector, string $words): self
    {
        return $this->steadily(function () use ($selector, $words): void {
            foreach ($this->find($selector)->findElements(WebDriverBy::tagName('option')) as $option) {
                if (trim($option->getText()) === $words) {
                    $option->click();

                    return;
                }
            }

            throw new RuntimeException(
                "{$selector} has no option {$words}, but: ".str_replace("\n", ' | ', $this->find($selector)->getText()),
            );
        });
    }

    /** Keys that are held are let go at the end. */
    public function keys(string ...$keys): self
    {
        $signs = mb_str_split(implode('', $keys));
        $held = array_values(array_filter($signs, static fn (string $sign): bool => in_array($sign, self::HELD, true)));
        $acts = [];
        foreach ($signs as $sign) {
            $acts[] = ['type' => 'keyDown', 'value' => $sign];
            in_array($sign, $held, true) || $acts[] = ['type' => 'keyUp', 'value' => $sign];
        }
        foreach (array_reverse($held) as $sign) {
            $acts[] = ['type' => 'keyUp', 'value' => $sign];
        }
        $this->perform(['type' => 'key', 'id' => 'keyboard', 'actions' => $acts]);

        return $this;
    }

    /**
     * Does what several devices do together, step by step.
     *
     * @param  array<string, mixed>  ...$sources  as the standard for WebDriver calls them
     */
    public function perform(array ...$sources): self
    {
        $this->driver->executeCustomCommand(
            '/session/:sessionId/actions', 'POST', ['actions' => array_values($sources)],
        );

        return $this;
    }

    /**
     * @param  list<array<string, mixed>>  $acts
     * @return array<string, mixed>
     */
    public static function mouse(array $acts): array
    {
        return ['type' => 'pointer', 'id' => 'mouse', 'parameters' => ['pointerType' => 'mouse'], 'actions' => $acts];
    }

    public function see(string $words): self
    {
        $this->await(fn (): bool => $this->says($words), "The page never said: {$words}.");

        return $this;
    }

    /** @param  Closure(): bool  $holds  asked again and again, for as long as somebody would wait */
    public function until(Closure $holds): self
    {
        $this->driver->wait(self::PATIENCE, 100)->until($holds);

        return $this;
    }

    /**
     * @template T
     *
     * @param  Closure(): (T|null)  $look  asked until it comes to something, for as long as somebody would wait
     * @return T
     */
    private function await(Closure $look, string $else): mixed
    {
        try {
            return $this->driver->wait(self::PATIENCE, 50)->until($look);
        } catch (TimeoutException) {
            throw new TimeoutException("{$else} The page at {$this->path()} says: ".mb_substr($this->text(), 0, 1500));
        }
    }

    /** What is seen is laid out to be read, so it is first asked whether the words are there at all. */
    private function says(string $words): bool
    {
        $isThere = $this->driver->executeScript(
            'return document.body?.textContent.replace(/\\s+/g, "").toLowerCase().includes(arguments[0])',
            [mb_strtolower((string) preg_replace('/\s+/u', '', $words))],
        );

        return $isThere === true && mb_stripos($this->text(), $words) !== false;
    }

    public function text(): string
    {
        $text = $this->driver->executeScript('return document.body ? document.body.innerText : ""');

        return (string) preg_replace('/[\s\x{A0}]+/u', ' ', (string) $text);
    }

    public function path(): string
    {
        return (string) parse_url($this->driver->getCurrentURL(), PHP_URL_PATH);
    }

    public function script(string $code, mixed ...$arguments): mixed
    {
        return $this->driver->executeScript($code, array_values($arguments));
    }

    public function shoot(string $file): self
    {
        $this->driver
            ->executeAsyncScript(
                'document.fonts.ready.then(() => requestAnimationFrame(() => setTimeout(arguments[0], 150)))',
            );
        $this->driver->takeScreenshot($file);

        return $this;
    }

    /** @return list<string> what the console complained about */
    public function complaints(): array
    {
        if (! Kind::chosen()->tellsComplaints()) {
            return [];
        }
        $entries = $this->driver->manage()->getLog('browser');
        $isComplaint = static fn (array $entry): bool => $entry['level'] === 'SEVERE'
            || str_contains($entry['message'], 'Content Security Policy');

        return array_column(array_filter($entries, $isComplaint), 'message');
    }

    /** @return list<string> what axe finds against WCAG 2.2 AA, a line each */
    public function barriers(): array
    {
        // What is still on its way is neither seen nor read.
        $this->until(fn (): bool => (bool) $this->driver->executeScript(
            'return document.getAnimations().every((one) => one.playState !== "running"'
                .' || one.effect.getComputedTiming().endTime === Infinity)',
        ));
        if ($this->driver->executeScript('return typeof axe') === 'undefined') {
            $axe = dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js';
            $this->driver->executeScript((string) file_get_contents($axe));
        }
        // What has moved is at its end in the frame after that.
        $found = $this->driver->executeAsyncScript('const done = arguments[0]; const drawn = new Promise((so) => { '
            .'requestAnimationFrame(() => requestAnimationFrame(so)); setTimeout(so, 1500); }); '
            ."drawn.then(() => axe.run({runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']}))"
            .'.then((result) => done('
            ."result.violations.map((one) => one.id + ': ' + one.nodes.slice(0, 3).map((node) => "
            ."node.html.slice(0, 120)).join(' | '))))");

        return is_array($found) ? array_values(array_map(strval(...), $found)) : [];
    }

    public function close(): void
    {
        unset(self::$open[spl_object_id($this)]);
        Kind::chosen()->close($this->driver, $this->address);
    }

    private static function closeAll(): void
    {
        foreach (self::$open as $browser) {
            $browser->driver->quit();
        }
        Chromium::quitAll();
    }
}

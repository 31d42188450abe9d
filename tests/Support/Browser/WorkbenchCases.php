<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;
use Tests\Support\Browser;
use Tests\Support\Screens;

/** A student at the workbench, which has a lock of each kind, on a phone: by the keyboard, or by fingers. */
final class WorkbenchCases
{
    public const ON_STAGE = [
        'The tool box', 'The chest of drawers', 'The model boat', 'The signal lamps', 'The telescope',
        'The picture on the wall',
    ];

    public const WATCH = ['Climb the stairs', 'Trim the wick', 'Light the lamp', 'Write the time in the log'];

    public const LIGHTS = [
        'F' => 'steady', 'Fl' => 'flashing: more dark than light', 'Oc' => 'occulting: more light than dark',
        'Iso' => 'as long dark as light',
    ];

    public const TIDE = ['moon', 'rises', 'falls', 'spring'];

    public const LOG = 'The sea is loud and black tonight. I hear the bell buoy and one gull. '
        .'I trim the wick, light the lamp and wait.';

    public static function begun(string $name): Browser
    {
        $code = PlayerCases::openDemo('Lamp Room Workbench');

        return PlayerCases::joined(Screens::open(390, 844), $code, $name, 'Six things lie on the bench');
    }

    /** Presses Tab until the focus is on what a script says of `at`, the element that has it. */
    public static function tabTo(Browser $student, string $isThere): Browser
    {
        for ($press = 0; $press < 160; $press++) {
            if ($student->script("const at = document.activeElement; return Boolean({$isThere})")) {
                return $student;
            }
            $student->keys(WebDriverKeys::TAB);
        }
        throw new RuntimeException("No way by the keyboard to: {$isThere}");
    }

    /** Presses what says so, by the keyboard. */
    public static function keyOn(Browser $student, string $says): Browser
    {
        $quoted = json_encode($says);

        return self::tabTo(
            $student,
            "at.matches('button, a') && (at.dataset.say === {$quoted} || at.textContent.trim() === {$quoted} || "
                ."(at.getAttribute('aria-label') ?? '').split(':')[0] === {$quoted}) && !at.closest('[hidden]')",
        )->keys(WebDriverKeys::ENTER);
    }

    /** Sends an answer that is wrong, whatever kind is asked for: the first of everything, or 1s. */
    public static function answerWrongly(Browser $student, string $form): Browser
    {
        $student->script(
            'const form = document.querySelector(arguments[0]);'
                .'for (const field of form.querySelectorAll("select")) field.selectedIndex = field.options.length - 1;'
                .'for (const field of form.querySelectorAll("input:not([type=hidden]), textarea"))'
                .'    if (field.matches("[type=radio], [type=checkbox]"))'
                .'        field.checked ||= !form.querySelector(":checked");'
                .'    else field.value = form.querySelector("[data-key=U]") ? "UUUU" : "1111";'
                .'for (const field of form.querySelectorAll("[name^=\"with[\"][type=hidden]")) field.value ||= "0";'
                .'form.requestSubmit()',
            $form,
        );

        return $student;
    }

    public static function tryByKey(Browser $student): Browser
    {
        return self::tabTo($student, 'at.matches(".try")')->keys(WebDriverKeys::ENTER);
    }

    /** Taps with a finger on what a script finds, brought into view as by a swipe. */
    public static function tap(Browser $student, string $found, float $across = 0.5, float $down = 0.5): Browser
    {
        $student->until(fn (): bool => (bool) $student->script("return ({$found})?.checkVisibility()"), $found);
        [$x, $y] = $student->script(
            "const part = {$found}; part.scrollIntoView({block: 'center'}); const box = part.getBoundingClientRect();"
                .'return [box.x + box.width * arguments[0], box.y + box.height * arguments[1]].map(Math.round)',
            $across, $down,
        );

        return $student->touch([[[$x, $y]]]);
    }

    /** Taps on what says so. */
    public static function tapOn(Browser $student, string $says): Browser
    {
        $quoted = json_encode($says);

        return self::tap(
            $student,
            '[...document.querySelectorAll("dialog button, button, a, label.option")].find((part) => '
                ."part.checkVisibility() && (part.dataset.say === {$quoted} || part.textContent.trim() === {$quoted} "
                ."|| (part.getAttribute('aria-label') ?? '').split(':')[0] === {$quoted}) && "
                .'(!document.querySelector("dialog") || part.closest("dialog")))',
        );
    }

    /** Taps on the button that sends an answer, of the sheet of this name or of the panel. */
    public static function tryByTap(Browser $student, string $sheet = ''): Browser
    {
        return self::tap($student, self::within($sheet, '.try'));
    }

    /** A script that finds something in the sheet of this name, or in the panel. */
    public static function within(string $sheet, string $selector): string
    {
        $quoted = json_encode($sheet);

        return $sheet === ''
            ? "document.querySelector('dialog {$selector}')"
            : "[...document.querySelectorAll('.lock')].find((lock) => lock.querySelector('h2').textContent.trim() === "
                ."{$quoted}).querySelector('{$selector}')";
    }
}

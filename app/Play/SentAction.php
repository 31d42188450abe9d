<?php

declare(strict_types=1);

namespace App\Play;

use Fravel\State\Action;
use Illuminate\Http\Request;

/**
 * An action as a form or a script sends it: `verb`, `on`, `with` and the `key` its device chose. Read from the bare
 * request: on a student's path a form request would cost more than judging the answer.
 */
final class SentAction
{
    public static function of(Request $request): ?Action
    {
        $verb = $request->input('verb');
        if (! is_string($verb)) {
            return null;
        }
        $on = $request->input('on');
        $isBare = in_array($verb, ['back', 'continue'], true);

        return Action::of([$verb => $isBare ? true : $on, 'with' => self::with($request)]);
    }

    /** @return array{on: string, with: mixed} what was typed, for the field it was typed into */
    public static function typed(Request $request): array
    {
        $on = $request->input('on');

        return ['on' => is_string($on) ? $on : '', 'with' => $request->input('with')];
    }

    /** The vote that the device shows, in a class that plays together; null where it says none. */
    public static function ballot(Request $request): ?int
    {
        $ballot = $request->input('ballot');

        return is_string($ballot) && preg_match('/^[1-9]\d{0,17}$/D', $ballot) === 1 ? (int) $ballot : null;
    }

    /** Our script says so in one word; what else a device may accept need not be weighed on this path. */
    public static function isByScript(Request $request): bool
    {
        return $request->headers->get('Accept') === 'application/json';
    }

    /** A point picked on a picture without scripts comes as pixels with the picture's size beside it. */
    private static function with(Request $request): mixed
    {
        $pixels = [$request->input('point_x'), $request->input('point_y')];
        $size = [(float) $request->input('width', 0), (float) $request->input('height', 0)];
        if (is_numeric($pixels[0]) && is_numeric($pixels[1]) && $size[0] > 0 && $size[1] > 0) {
            return [min(1, max(0, $pixels[0] / $size[0])), min(1, max(0, $pixels[1] / $size[1]))];
        }
        $with = $request->input('with');

        return is_array($with) ? array_map(static fn (mixed $part): mixed => $part ?? '', $with) : $with;
    }
}

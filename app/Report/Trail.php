<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Play;
use App\Models\Run;
use App\View\GivenAnswer;
use App\View\RunStanding;
use App\Workshop\ActionWords;
use App\Workshop\Names;
use Fravel\Document\GameDocument;
use Fravel\Report\Deed;
use Fravel\Report\PlayLog;

/**
 * All that one student did, in order: where, what was answered, what they read of it, and where it led.
 *
 * @phpstan-type Step array{at: int, after: string, scene: string, lock: ?string, did: string, answer: string,
 *     verdict: string, said: list<string>, led: ?string, by: string}
 */
final readonly class Trail
{
    /** @param  list<Step>  $steps */
    private function __construct(public array $steps, public PlayLog $log)
    {
    }

    public static function of(Run $run, Play $play): self
    {
        $game = $play->compiled($run)->game;
        $log = RunLogs::ofPlay($play);

        return new self(array_map(static fn (Deed $deed): array => self::step($game, $deed), $log->deeds), $log);
    }

    /** @return list<string> the scenes it came to, in order */
    public function visits(): array
    {
        return array_merge([], ...array_map(
            static fn (Deed $deed): array => $deed->allEntered(), $this->log->deeds,
        ));
    }

    private static function did(GameDocument $game, Deed $deed): string
    {
        $on = $deed->action()['on'] ?? '';

        return match (true) {
            $deed->begins() => (string) __($deed->scene === '' ? 'report.begins' : 'report.begins_anew'),
            $deed->help() !== null => (string) __("help.gave.{$deed->help()}", [
                'thing' => is_string($on) ? Names::of($game, $on) : '',
            ]),
            default => ActionWords::of($game, $deed->action()),
        };
    }

    /** @return Step */
    private static function step(GameDocument $game, Deed $deed): array
    {
        $lock = $deed->lock();
        $entered = $deed->entered();

        return [
            'at' => $deed->at,
            'after' => RunStanding::clock($deed->after),
            'scene' => $deed->scene === '' ? '' : Names::of($game, $deed->scene),
            'lock' => $lock === null ? null : Names::of($game, $lock),
            'did' => $lock === null ? self::did($game, $deed) : '',
            'answer' => $lock === null ? '' : GivenAnswer::words($game, $lock, $deed->with()),
            'verdict' => $deed->verdict(),
            'said' => $deed->said(),
            'by' => $deed->by,
            'led' => $entered === null ? null : Names::of($game, $entered),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\JoinRun;
use App\Actions\TakeAction;
use App\Models\Play;
use App\Models\Run;
use App\Storage\EditionFile;
use Fravel\Play\Outcome;
use Fravel\Simulate\VirtualClass;
use Fravel\State\Action;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Lets a made-up class play a run, by real actions in the order of their times. For demonstrations. */
final class PretendClass
{
    public function __construct(private readonly JoinRun $join, private readonly TakeAction $take)
    {
    }

    /**
     * @param  list<string>  $names
     * @param  Carbon  $begin  when the lesson begins
     * @param  Carbon  $until  what would be done later is left out
     * @param  array<string, array{right: list<string>, wrong: list<string>}>  $texts  what is written where no text can
     *     be made up, by the locks of the draft
     */
    public function play(
        Run $run, array $names, int $seed, Carbon $begin, Carbon $until, array $texts = [],
    ): void {
        $game = EditionFile::of($run->edition)->game;
        $steps = [];
        foreach (VirtualClass::plays($game, $seed, $names, (int) $begin->getTimestamp()) as $name => $deeds) {
            foreach ($deeds as $deed) {
                if ($deed['at'] <= $until->getTimestamp()) {
                    $action = self::written($run, $deed['action'], $deed['outcome'], $texts, $deed['at']);
                    $steps[] = [$deed['at'], $name, $action, $deed['outcome']->state->seed];
                }
            }
        }
        usort($steps, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        DB::transaction(fn () => $this->act($run, $steps));
        Carbon::setTestNow();
    }

    /**
     * @param  array<string, mixed>  $action
     * @param  array<string, array{right: list<string>, wrong: list<string>}>  $texts
     * @return array<string, mixed>
     */
    private static function written(Run $run, array $action, Outcome $outcome, array $texts, int $number): array
    {
        foreach ($texts as $lock => $of) {
            if (($action['answer'] ?? null) === $run->edition->nameOf($lock)) {
                $among = $outcome->state->isOpen($run->edition->nameOf($lock)) ? $of['right'] : $of['wrong'];

                return ['with' => $among[$number % count($among)]] + $action;
            }
        }

        return $action;
    }

    /** @param  list<array{int, string, array<string, mixed>, int}>  $steps  when, who, what, and the play's seed */
    private function act(Run $run, array $steps): void
    {
        /** @var array<string, Play> $plays */
        $plays = [];
        foreach ($steps as $number => [$at, $name, $done, $seed]) {
            Carbon::setTestNow(Carbon::createFromTimestamp($at));
            $action = Action::of($done);
            if ($action !== null && isset($plays[$name])) {
                $this->take->handle($plays[$name]->id, $action, "pretend-{$number}");
            } elseif ($action === null) {
                $play = $this->join->begin($run, $name, null, $seed);
                $play === null ?: $plays[$name] = $play;
            }
        }
    }
}

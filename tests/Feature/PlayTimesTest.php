<?php

use App\Actions\TakeAction;
use App\Models\Play;
use App\Report\RunLogs;
use App\Storage\EditionFile;
use App\View\ClassTimes;
use App\View\PlayTimes;
use Fravel\Report\LockReport;
use Fravel\State\Action;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tests\Support\Classroom;
use Tests\Support\Games;

beforeEach(function (): void {
    $this->run = Classroom::open(Games::document([
        ['id' => 'a', 'things' => [Games::lock('door', 'gull', [], ['go' => 'b'])]],
        ['id' => 'b', 'things' => [Games::lock('gate', 'tern', [], ['go' => 'end'])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => 'Done.']],
    ]));
    $this->answer = function (Play $play, string $lock, string $with, int $after): void {
        $this->travel($after)->seconds();
        (new TakeAction)->handle(
            $play->id, Action::of(['answer' => Classroom::id($lock, $play), 'with' => $with]), bin2hex(random_bytes(9)),
            $this->run->code,
        );
    };
    $this->freezeSecond();
    foreach ([10, 20, 40, 80] as $place => $seconds) {
        $this->plays[] = $play = Classroom::join($this->run, "Student {$place}");
        ($this->answer)($play, 'door', 'auk', $seconds);
        ($this->answer)($play, 'door', 'gull', $seconds);
        $place === 3 || ($this->answer)($play, 'gate', 'tern', 5);
    }
});

/** @return array<string, int> lock → seconds in the middle, as the report has them */
function timesOfReport(App\Models\Run $run): array
{
    $reports = LockReport::all(EditionFile::of($run->edition)->game, iterator_to_array(RunLogs::each($run), false));

    return array_column(array_map(
        fn (LockReport $one): array => [$one->lock->id, (int) round($one->seconds->median)], $reports,
    ), 1, 0);
}

it('reckons the times of a class as its report does, and reads what has ended once', function (): void {
    $first = PlayTimes::of($this->run);
    DB::enableQueryLog();
    $second = PlayTimes::of($this->run);
    $read = array_filter(DB::getQueryLog(), fn (array $query): bool => str_contains($query['query'], 'members'));

    expect(array_map(fn (array $all): int => array_sum($all), $first))->toBe(array_map(array_sum(...), $second))
        ->and(DB::table('play_times')->count())->toBe(3)
        // Who is under way is read each time, and nobody else.
        ->and(array_merge(...array_column($read, 'bindings')))->toBe([$this->plays[3]->id])
        ->and(ClassTimes::of($this->run))->toBe(timesOfReport($this->run))->toBe([
            Classroom::id('door', $this->plays[0]) => 60, Classroom::id('gate', $this->plays[0]) => 5,
        ]);
});

it('reckons anew what is done later, and keeps nothing of a play that is gone', function (): void {
    PlayTimes::of($this->run);
    ($this->answer)($this->plays[3], 'gate', 'tern', 7);
    DB::table('plays')->where('id', $this->plays[0]->id)->increment('seq');
    DB::table('play_times')->where('play_id', $this->plays[0]->id)->update(['seconds' => '{"gone":1}']);
    Cache::flush();

    expect(ClassTimes::of($this->run))->toBe(timesOfReport($this->run))
        ->and(DB::table('play_times')->count())->toBe(4);
    $this->plays[0]->delete();
    expect(DB::table('play_times')->count())->toBe(3);
});

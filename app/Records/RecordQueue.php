<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Run;
use App\Play\Clock;
use Fravel\Support\Json;
use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\LazyCollection;
use stdClass;
use Throwable;

/**
 * Learning records on their way to the receiver. Each is kept until the receiver has taken it; while it is down it is
 * tried again, later each time. A record that arrives twice is the same one there.
 */
final class RecordQueue
{
    /** Records that are sent in one request, and requests one after the other. */
    private const BATCH = 100;

    private const BATCHES = 20;

    /** Seconds until the first further try, twice as long each time, and at most. */
    private const WAIT = 30;

    private const LONGEST = 3600;

    private const TIMEOUT = 10;

    /** Records that are written at once. */
    private const AT_ONCE = 200;

    /** All of a run that were not queued before. How many there are. */
    public static function put(Run $run): int
    {
        $now = Clock::seconds();
        $parts = LazyCollection::make(static fn (): Generator => Statements::each($run))->chunk(self::AT_ONCE);
        $count = 0;
        foreach ($parts as $part) {
            $count += DB::table('records')->insertOrIgnore($part->map(static fn (array $statement): array => [
                'uuid' => $statement['id'], 'run_id' => $run->id, 'play_id' => $statement['actor']['account']['name'],
                'statement' => Json::write($statement),
                'next_at' => $now,
            ])->values()->all());
        }

        return $count;
    }

    /**
     * Sends what is due, or all that waits of one run.
     *
     * @return bool whether the receiver took all of it
     */
    public static function send(?Run $run = null): bool
    {
        for ($batch = 0; $batch < self::BATCHES; $batch++) {
            $due = DB::table('records')->whereNull('sent_at')->orderBy('id')->limit(self::BATCH);
            // Later than the longest wait is a clock that was put back.
            $run === null
                ? $due->where(static fn (Builder $on) => $on->where('next_at', '<=', Clock::seconds())
                    ->orWhere('next_at', '>', Clock::seconds() + self::LONGEST))
                : $due->where('run_id', $run->id);
            $rows = $due->get(['id', 'statement', 'tries']);
            if ($rows->isEmpty()) {
                return true;
            }
            if (! self::isTaken($rows)) {
                self::wait($rows);

                return false;
            }
            DB::table('records')->whereIn('id', $rows->pluck('id'))->update(['sent_at' => Clock::seconds()]);
        }

        return false;
    }

    /** @return array{sent: int, waiting: int, next: ?int} of a run; when the next try is */
    public static function standing(Run $run): array
    {
        $of = static fn () => DB::table('records')->where('run_id', $run->id);
        $next = $of()->whereNull('sent_at')->min('next_at');

        return [
            'sent' => $of()->whereNotNull('sent_at')->count(), 'waiting' => $of()->whereNull('sent_at')->count(),
            'next' => is_numeric($next) ? (int) $next : null,
        ];
    }

    /** @param  Collection<int, stdClass>  $rows */
    private static function isTaken(Collection $rows): bool
    {
        try {
            return Http::withBasicAuth(Receiver::NAME, Receiver::secret())
                ->withHeaders(['X-Experience-API-Version' => '1.0.3'])
                ->timeout(self::TIMEOUT)
                ->withBody('['.$rows->pluck('statement')->implode(',').']', 'application/json')
                ->post(Receiver::address())
                ->successful();
        } catch (Throwable) {
            return false;
        }
    }

    /** @param  Collection<int, stdClass>  $rows */
    private static function wait(Collection $rows): void
    {
        $tries = (int) $rows->max('tries');
        DB::table('records')->whereIn('id', $rows->pluck('id'))->update([
            'tries' => $tries + 1,
            'next_at' => Clock::seconds() + min(self::LONGEST, self::WAIT * 2 ** min(10, $tries)),
        ]);
    }
}

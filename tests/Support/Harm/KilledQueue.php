<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Learning records are on their way while who sends them is killed again and again: each arrives, and once. */
final class KilledQueue
{
    private const PLAYS = 40;

    /** @return list<Figure> */
    public static function report(Arena $arena, int $seed, int $kills, float $seconds): array
    {
        $plays = self::PLAYS;
        $arena->tinker(Classes::ONE_CHOICE.<<<PHP
            \$r = oneChoice("queue"); \$door = \$r->edition->nameOf("door");
            for (\$one = 0; \$one < {$plays}; \$one++) {
                \$p = app(App\Actions\JoinRun::class)->begin(\$r, "Student \$one", null);
                foreach (["gull", "tern", "gannet"] as \$place => \$with) {
                    Illuminate\Support\Carbon::setTestNow(now()->addSeconds(70));
                    (new App\Actions\TakeAction())->handle(\$p->id, Fravel\State\Action::of([
                        "answer" => \$door, "with" => \$with,
                    ]), "answer-\$one-\$place", \$r->code);
                }
            }
            Illuminate\Support\Carbon::setTestNow();
            App\Records\RecordQueue::put(\$r);
            PHP);
        $dice = new Randomizer(new Mt19937($seed));
        $until = microtime(true) + $seconds;
        for ($killed = 0; $killed < $kills && microtime(true) < $until; $killed++) {
            $sender = proc_open(
                [PHP_BINARY, dirname(__DIR__, 3).'/artisan', 'records:send'],
                [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes, null,
                $arena->environment(),
            );
            usleep($dice->getInt(100_000, 600_000));
            if (is_resource($sender)) {
                proc_terminate($sender, 9);
                proc_close($sender);
            }
        }
        $arena->tinker('for ($i = 0; $i < 20 && ! App\Records\RecordQueue::send(App\Models\Run::query()'
            .'->where("label", "queue")->sole()); $i++);');
        [$queued, $waiting, $arrived] = array_map(
            static fn (string $query): int => (int) ($arena->pdo()->query($query) ?: null)?->fetchColumn(),
            [
                'select count(*) from records', 'select count(*) from records where sent_at is null',
                'select count(*) from received_records',
            ],
        );

        return [new Figure(
            sprintf(
                'who sends learning records killed %d times: of %d %d wait still, %d arrived, each once', $killed,
                $queued, $waiting, $arrived,
            ),
            $queued > self::PLAYS && $waiting === 0 && $arrived === $queued,
        )];
    }
}

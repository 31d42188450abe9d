<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use CurlHandle;

/** A teacher asks for every report and export of a large run, one after the other, while a class plays beside it. */
final class Exports
{
    private const ASKED = ['report', 'report.csv', 'answers.csv', 'records.json', 'report.pdf'];

    private const STUDENTS = 20;

    private const A_SECOND = 10;

    /** By how much a class may be slower meanwhile, and milliseconds that are no difference. */
    private const SLOWER = 1.2;

    private const SLACK = 2.0;

    /** Bytes of what is sent that are looked at. */
    private const HEAD = 100_000;

    /** How the last that was sent begins. */
    private static string $begun = '';

    /** @return list<Figure> */
    public static function report(Arena $arena, int $plays, float $seconds): array
    {
        $teacher = Teacher::signedIn($arena, 'exports@skerrypoint.example');
        $ids = json_decode($arena->tinker(Classes::ONE_CHOICE.self::setUp($plays)), true);
        [$quiet] = self::during($arena, $ids, null, $seconds);
        [$busy, $times] = self::during($arena, $ids, $teacher, $seconds);
        $failed = array_filter($times, static fn (float $time): bool => $time < 0);

        return [
            new Figure(sprintf(
                'a class of %d alone: p95 %.1f ms; while a run of %d is reported and exported: %.1f ms', self::STUDENTS,
                $quiet, $plays, $busy,
            ), $busy < self::SLOWER * $quiet + self::SLACK),
            new Figure('beside a class, seconds: '.implode(', ', array_map(
                static fn (string $what, float $time): string => sprintf('%s %.1f', $what, $time),
                array_keys($times), $times,
            )), count($times) > 0 && $failed === []),
        ];
    }

    /** Whether the report and an export of a large run come from beside the application, however long that takes. */
    public static function taken(Arena $arena, int $plays): Figure
    {
        $teacher = Teacher::signedIn($arena, 'exports@skerrypoint.example');
        $ids = json_decode($arena->tinker(Classes::ONE_CHOICE.self::setUp($plays)), true);
        $come = [];
        foreach (['report' => "of {$plays} finished", 'answers.csv' => '"Student 0",'] as $what => $words) {
            $waited = 0;
            do {
                usleep($waited === 0 ? 0 : 250_000);
                curl_exec(self::export($arena, $teacher, $ids['run'], $what));
            } while (str_contains(self::$begun, 'id="making"') && $waited++ < 240);
            $come[$what] = $waited > 0 && str_contains(self::$begun, $words);
        }

        return new Figure("of a run of {$plays} came: ".json_encode($come), ! in_array(false, $come, true));
    }

    /** Made-up students through a game of the teacher's, as a run of its own; and a class that plays now. */
    private static function setUp(int $plays): string
    {
        $students = self::STUDENTS;

        return <<<PHP
            use Illuminate\Support\Facades\DB; use Fravel\Support\Json;
            \$t = App\Models\User::query()->where("email", "exports@skerrypoint.example")->sole();
            \$g = app(App\Actions\CreateGame::class)->handle(\$t, Database\Seeders\DemoSeeder::document("dark-lamp"));
            \$big = app(App\Actions\OpenRun::class)->handle(\$g, "Big", false);
            \$game = App\Storage\EditionFile::of(\$big->edition)->game;
            \$names = array_map(fn (int \$one): string => "Student \$one", range(1, min(200, {$plays})));
            \$played = array_values(Fravel\Simulate\VirtualClass::plays(\$game, 3, \$names, 1700000000));
            DB::transaction(function () use (\$big, \$played): void {
                for (\$one = 0; \$one < {$plays}; \$one++) {
                    \$done = \$played[\$one % count(\$played)]; \$last = end(\$done);
                    \$id = (string) Illuminate\Support\Str::ulid(); \$state = \$last["outcome"]->state;
                    DB::table("plays")->insert(["id" => \$id, "run_id" => \$big->id, "name" => "Student \$one",
                        "name_key" => "student \$one", "rejoin_words" => "a b", "acted_at" => \$last["at"],
                        "started_at" => \$done[0]["at"], "ended_at" => \$state->ended === null ? null : \$last["at"],
                        "progressed_at" => \$last["at"], "seq" => count(\$done),
                        "state" => Json::write(\$state->toArray())]);
                    \$rows = [];
                    foreach (\$done as \$place => \$deed) {
                        \$rows[] = ["play_id" => \$id, "seq" => \$place + 1, "at" => \$deed["at"],
                            "key" => \$place === 0 ? "start" : "key-\$place", "action" => Json::write(\$deed["action"]),
                            "events" => Json::write(\$deed["outcome"]->eventList())];
                    }
                    foreach (array_chunk(\$rows, 200) as \$part) { DB::table("play_events")->insert(\$part); }
                }
            });
            \$r = oneChoice("beside-exports");
            echo json_encode([
                "run" => \$big->id, "code" => \$r->code, "more" => \$r->edition->nameOf("more"),
                "students" => array_map(fn (int \$one): string => App\Play\Ticket::for(
                    app(App\Actions\JoinRun::class)->begin(\$r, "Student \$one", null)->id,
                )->text(), range(1, {$students})),
            ]);
            PHP;
    }

    /**
     * @param  array{run: string, code: string, more: string, students: list<string>}  $ids
     * @return array{float, array<string, float>} p95 of the class in milliseconds, and seconds of each export; below 0
     *     for one that failed
     */
    private static function during(Arena $arena, array $ids, ?Teacher $teacher, float $seconds): array
    {
        $multi = curl_multi_init();
        [$begun, $sent, $export, $kinds] = [microtime(true), 0, 0, []];
        [$class, $times, $asked, $again] = [[], [], 0.0, 0.0];
        while (($now = microtime(true) - $begun) < $seconds || $kinds !== []) {
            $isFree = $teacher !== null && $now >= $again && ! in_array('export', $kinds, true);
            if ($isFree && ($now < $seconds || $again > 0.0)) {
                $asked = $again > 0.0 ? $asked : $now;
                $handle = self::export($arena, $teacher, $ids['run'], self::ASKED[$export % count(self::ASKED)]);
                $kinds[spl_object_id($handle)] = 'export';
                curl_multi_add_handle($multi, $handle);
            }
            while ($now < $seconds && $sent < $now * self::A_SECOND) {
                $handle = self::action($arena, $ids, $sent++);
                $kinds[spl_object_id($handle)] = 'class';
                curl_multi_add_handle($multi, $handle);
            }
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.005);
            while ($done = curl_multi_info_read($multi)) {
                $handle = $done['handle'];
                $time = (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME);
                if ($kinds[spl_object_id($handle)] === 'class') {
                    $class[] = 1000 * $time;
                } else {
                    $what = basename((string) curl_getinfo($handle, CURLINFO_EFFECTIVE_URL));
                    $isSent = curl_getinfo($handle, CURLINFO_RESPONSE_CODE) === 200
                        && curl_getinfo($handle, CURLINFO_SIZE_DOWNLOAD) > 1000;
                    // What is made beside the application is asked for again until it is there.
                    $isMade = ! str_contains(self::$begun, 'id="making"');
                    $took = microtime(true) - $begun - $asked;
                    $isMade && $times[$what] = $isSent ? max($took, $times[$what] ?? 0.0) : -1.0;
                    [$export, $again] = $isMade ? [$export + 1, 0.0] : [$export, microtime(true) - $begun + 0.5];
                }
                unset($kinds[spl_object_id($handle)]);
                curl_multi_remove_handle($multi, $handle);
            }
        }
        sort($class);

        return [$class[(int) floor(0.95 * max(0, count($class) - 1))] ?? 0.0, $times];
    }

    private static function export(Arena $arena, Teacher $teacher, string $run, string $what): CurlHandle
    {
        $handle = curl_init("{$arena->address}/runs/{$run}/{$what}");
        curl_setopt_array($handle, [
            CURLOPT_TIMEOUT => 60, CURLOPT_COOKIEFILE => $teacher->jar,
            // Not kept here whole: who measures is not to stand still meanwhile.
            CURLOPT_WRITEFUNCTION => static function (CurlHandle $handle, string $bytes): int {
                self::$begun .= strlen(self::$begun) < self::HEAD ? $bytes : '';

                return strlen($bytes);
            },
        ]);
        self::$begun = '';

        return $handle;
    }

    /** @param  array{code: string, more: string, students: list<string>}  $ids */
    private static function action(Arena $arena, array $ids, int $number): CurlHandle
    {
        $ticket = $ids['students'][$number % self::STUDENTS];
        $handle = curl_init("{$arena->address}/p/{$ids['code']}");
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 60,
            CURLOPT_POSTFIELDS => http_build_query([
                'verb' => 'choose', 'on' => $ids['more'], 'key' => bin2hex(random_bytes(10)), 'ticket' => $ticket,
            ]),
            CURLOPT_HTTPHEADER => ['Accept: application/json', "Cookie: fravel_play={$ticket}"],
        ]);

        return $handle;
    }
}

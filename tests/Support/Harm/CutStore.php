<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use PDO;
use PDOException;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The database, its log of writes and a film on its way, each ended at any byte. Of a log the first actions are there
 * and nothing else; a database that lost a part is named before anything starts; a film goes on where it was cut.
 */
final class CutStore
{
    private const ACTIONS = 80;

    /** @return list<Figure> */
    public static function report(Arena $arena, int $seed, int $count, float $seconds): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $folder = "{$arena->folder}/store";
        is_dir($folder) || mkdir($folder, 0o755, true);
        $arena->tinker(self::playing($folder));
        [$cuts, $until] = [0, microtime(true) + $seconds];
        $found = ['log' => [], 'named' => 0, 'whole' => 0, 'database' => []];
        for (; $cuts < $count && microtime(true) < $until; $cuts++) {
            $wrong = self::cutLog($folder, $dice);
            $wrong === null ?: $found['log'][] = $wrong;
            $named = self::cutDatabase($folder, $dice);
            $named === null ? $found['database'][] = 'neither named nor whole' : $found[$named]++;
        }
        $films = json_decode($arena->tinker(self::sending($seed, max(3, min(60, $cuts)))), true);

        return [
            new Figure(
                sprintf('%d logs of writes cut at any byte: %d were wrong afterwards', $cuts, count($found['log'])),
                $cuts > 0 && $found['log'] === [], $found['log'],
            ),
            new Figure(
                sprintf(
                    '%d databases cut at any byte: %d named before the start, %d still whole, %d neither', $cuts,
                    $found['named'], $found['whole'], count($found['database']),
                ),
                $found['named'] > 0 && $found['database'] === [],
            ),
            new Figure(
                sprintf('%d films cut on their way: %d did not come out whole', $films['cuts'], $films['wrong']),
                $films['wrong'] === 0,
            ),
        ];
    }

    /** @return string|null what is wrong once the log was cut */
    private static function cutLog(string $folder, Randomizer $dice): ?string
    {
        $log = (string) file_get_contents("{$folder}/kept.sqlite-wal");
        $at = $dice->getInt(0, strlen($log));
        array_map(unlink(...), glob("{$folder}/cut.sqlite*") ?: []);
        copy("{$folder}/kept.sqlite", "{$folder}/cut.sqlite");
        file_put_contents("{$folder}/cut.sqlite-wal", substr($log, 0, $at));
        try {
            $database = new PDO("sqlite:{$folder}/cut.sqlite", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            [$check] = self::column($database, 'PRAGMA quick_check(1)');
            $hasPlays = self::column($database, "select name from sqlite_master where name = 'plays'") !== [];
            $done = "select key from play_events where key != 'start' order by seq";
            $keys = $hasPlays ? self::column($database, $done) : [];
            $seq = $hasPlays ? self::column($database, 'select seq - 1 from plays')[0] ?? '0' : '0';
        } catch (PDOException $failure) {
            return "cut at {$at}: {$failure->getMessage()}";
        }
        $expected = array_map(static fn (int $number): string => "key-number-{$number}", array_keys($keys));

        return $check === 'ok' && $keys === $expected && (int) $seq === count($keys)
            ? null
            : "cut at {$at}: {$check}, ".count($keys)." actions, {$seq} counted";
    }

    /** @return 'named'|'whole'|null whether a cut database is named, or still all there */
    private static function cutDatabase(string $folder, Randomizer $dice): ?string
    {
        $whole = (string) file_get_contents("{$folder}/whole.sqlite");
        array_map(unlink(...), glob("{$folder}/cut.sqlite*") ?: []);
        file_put_contents("{$folder}/cut.sqlite", substr($whole, 0, $dice->getInt(0, strlen($whole) - 1)));
        $sound = dirname(__DIR__, 3).'/bin/sound.php';
        exec(PHP_BINARY.' '.escapeshellarg($sound).' '.escapeshellarg("{$folder}/cut.sqlite").' 2>&1', $said, $status);
        if ($status !== 0) {
            return str_contains(implode("\n", $said), 'It was left as it is') ? 'named' : null;
        }
        $database = new PDO("sqlite:{$folder}/cut.sqlite", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $there = self::column($database, "select count(*) from play_events where key != 'start'")[0] ?? '';

        return (int) $there === self::ACTIONS ? 'whole' : null;
    }

    /** @return list<string> */
    private static function column(PDO $database, string $query): array
    {
        $rows = $database->query($query);

        return $rows === false ? [] : array_values(array_map(strval(...), $rows->fetchAll(PDO::FETCH_COLUMN)));
    }

    /** Plays with nothing moved from the log to the database, and keeps both as they lie then; and one made whole. */
    private static function playing(string $folder): string
    {
        $actions = self::ACTIONS;

        return Classes::ONE_CHOICE.<<<PHP
            use Illuminate\Support\Facades\DB;
            DB::purge(); config()->set("database.connections.sqlite.database", "{$folder}/live.sqlite");
            touch("{$folder}/live.sqlite");
            Illuminate\Support\Facades\Artisan::call("migrate", ["--force" => true]);
            DB::statement("PRAGMA wal_checkpoint(TRUNCATE)"); DB::statement("PRAGMA wal_autocheckpoint=0");
            \$r = oneChoice("store");
            \$p = app(App\Actions\JoinRun::class)->begin(\$r, "Mia", null);
            \$more = Fravel\State\Action::of(["choose" => \$r->edition->nameOf("more")]);
            for (\$number = 0; \$number < {$actions}; \$number++) {
                (new App\Actions\TakeAction())->handle(\$p->id, \$more, "key-number-\$number", \$r->code);
            }
            copy("{$folder}/live.sqlite", "{$folder}/kept.sqlite");
            copy("{$folder}/live.sqlite-wal", "{$folder}/kept.sqlite-wal");
            DB::statement("VACUUM INTO '{$folder}/whole.sqlite'");
            PHP;
    }

    /** Sends a film in pieces; between two of them what has arrived is cut at any byte. */
    private static function sending(int $seed, int $count): string
    {
        return Classes::ONE_CHOICE.<<<PHP
            \$game = oneChoice("films")->game; \$dice = new Random\Randomizer(new Random\Engine\Mt19937({$seed}));
            \$wrong = 0;
            for (\$one = 0; \$one < {$count}; \$one++) {
                \$film = random_bytes(\$dice->getInt(100, 20000));
                \$in = App\Clips\Incoming::begin(\$game, strlen(\$film), "film \$one");
                for (\$step = 0; ! \$in->isWhole() && \$step < 1000; \$step++) {
                    \$at = \$in->arrived();
                    \$in->take(substr(\$film, \$at, \$dice->getInt(1, 4000)), \$at);
                    if (\$step % 3 === 1 && ! \$in->isWhole()) {
                        \$file = fopen(\$in->path(), "c+"); ftruncate(\$file, \$dice->getInt(0, \$in->arrived()));
                        fclose(\$file);
                    }
                }
                \$wrong += file_get_contents(\$in->path()) === \$film ? 0 : 1;
                \$in->forget();
            }
            echo json_encode(["cuts" => {$count}, "wrong" => \$wrong]);
            PHP;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use PDO;
use PDOException;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The power goes while a student plays: whether what was acknowledged is there afterwards, for each way of writing, and
 * whether the database is sound.
 */
final class PowerCut
{
    private const ACTIONS = 60;

    /** @return list<Figure> */
    public static function report(Arena $arena, int $seed, int $cuts, float $seconds): array
    {
        $figures = [];
        foreach (['as it is set', 'NORMAL'] as $synchronous) {
            $found = self::tried($arena, $synchronous, $seed, $cuts, $seconds / 2);
            $figures[] = new Figure(
                sprintf(
                    'the power cut %d times, synchronous %s: %d of %d acknowledged actions lost, %d at once at most; '
                        .'%d databases damaged',
                    $found['cuts'], $synchronous, $found['lost'], $found['acknowledged'], $found['most'],
                    $found['damaged'],
                ),
                $found['cuts'] > 0 && $found['damaged'] === 0 && ($synchronous === 'NORMAL' || $found['lost'] === 0),
            );
        }

        return $figures;
    }

    /** @return array{cuts: int, lost: int, acknowledged: int, most: int, damaged: int} */
    private static function tried(Arena $arena, string $synchronous, int $seed, int $cuts, float $seconds): array
    {
        $folder = "{$arena->folder}/power-".strtolower($synchronous[0]);
        is_dir($folder) || mkdir($folder, 0o755, true);
        $writes = KeptWrites::of(
            [PHP_BINARY, $arena->script(self::playing("{$folder}/kept.sqlite"))], $folder,
            ['DB_DATABASE' => "{$folder}/kept.sqlite"] + $arena->environment()
                + ($synchronous === 'NORMAL' ? ['DB_SYNCHRONOUS' => $synchronous] : []),
        );
        $dice = new Randomizer(new Mt19937($seed));
        $until = microtime(true) + $seconds;
        $sum = ['cuts' => 0, 'lost' => 0, 'acknowledged' => 0, 'most' => 0, 'damaged' => 0];
        while ($sum['cuts'] < $cuts && microtime(true) < $until) {
            $at = $dice->getInt(0, $writes->count());
            $keys = $writes->acknowledged($at);
            $files = $writes->at($at, static fn (int $since): int => $dice->getInt(0, $since));
            $there = self::keysIn("{$folder}/cut", $files);
            $lost = count(array_diff($keys, $there ?? []));
            $sum['cuts']++;
            $sum['acknowledged'] += count($keys);
            $sum['lost'] += $lost;
            $sum['most'] = max($sum['most'], $lost);
            $sum['damaged'] += $there === null ? 1 : 0;
        }

        return $sum;
    }

    /**
     * @param  array<string, string>  $files  as the disk holds them
     * @return list<string>|null  keys of the actions that are there; null where the database is not sound
     */
    private static function keysIn(string $folder, array $files): ?array
    {
        is_dir($folder) || mkdir($folder);
        array_map(static fn (string $file): bool => unlink($file), glob("{$folder}/*") ?: []);
        foreach ($files as $file => $content) {
            file_put_contents("{$folder}/{$file}", $content);
        }
        try {
            $database = new PDO("sqlite:{$folder}/kept.sqlite", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            if (self::column($database, 'PRAGMA quick_check(1)') !== ['ok']) {
                return null;
            }
            $isBegun = self::column($database, "select name from sqlite_master where name = 'play_events'") !== [];

            return $isBegun ? self::column($database, 'select key from play_events') : [];
        } catch (PDOException) {
            return null;
        }
    }

    /** @return list<string> */
    private static function column(PDO $database, string $query): array
    {
        $rows = $database->query($query);

        return $rows === false ? [] : array_values(array_map(strval(...), $rows->fetchAll(PDO::FETCH_COLUMN)));
    }

    /** Plays, and says after each action that it was kept. */
    private static function playing(string $database): string
    {
        $actions = self::ACTIONS;

        return <<<PHP
            touch("{$database}");
            Illuminate\Support\Facades\Artisan::call("migrate", ["--force" => true]);
            \$t = App\Models\User::create(["name" => "T", "email" => "t@skerrypoint.example", "password" => "quiet"]);
            \$game = Fravel\Edit\Blank::game("Power", ["scene" => "One", "hello" => "Hello"]);
            \$game["tallies"] = [["id" => "n", "name" => "N", "start" => 0]];
            \$game["scenes"][0]["things"][] = ["id" => "more", "kind" => "choice", "md" => "More",
                "react" => [["do" => [["add" => "n", "by" => 1]]]]];
            \$r = app(App\Actions\OpenRun::class)->handle(
                app(App\Actions\CreateGame::class)->handle(\$t, \$game), "Power", false,
            );
            \$p = app(App\Actions\JoinRun::class)->begin(\$r, "Mia", null);
            \$more = Fravel\State\Action::of(["choose" => \$r->edition->nameOf("more")]);
            foreach (range(1, {$actions}) as \$number) {
                (new App\Actions\TakeAction())->handle(\$p->id, \$more, "key-number-\$number", \$r->code);
                fwrite(STDOUT, "acknowledged key-number-\$number\\n");
            }
            PHP;
    }
}

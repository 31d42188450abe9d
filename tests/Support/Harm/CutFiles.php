<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Files that end at any byte, as after a full disk or a bad copy: editions, pulses and lines of boards are made anew or
 * asked for again, and a log of writes that ends early leaves the database sound. No page may fail.
 */
final class CutFiles
{
    /** @return list<Figure> */
    public static function report(Arena $arena, int $seed, int $count, float $seconds): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $there = json_decode($arena->tinker(self::setUp()), true);
        $whole = self::shown($arena, $there);
        $until = microtime(true) + $seconds;
        [$cuts, $failed, $other] = [0, [], []];
        while ($cuts < $count && microtime(true) < $until) {
            $files = [...glob("{$arena->folder}/editions/*") ?: [], ...glob("{$arena->folder}/pulse/*") ?: []];
            $file = $files[$dice->getInt(0, count($files) - 1)];
            $kept = (string) file_get_contents($file);
            $at = $dice->getInt(0, strlen($kept));
            file_put_contents($file, substr($kept, 0, $at));
            $what = basename(dirname($file))." cut at {$at} of ".strlen($kept);
            $shown = self::shown($arena, $there);
            array_unique($shown['status']) === [200] ?: $failed[] = $what;
            $shown['page'] === $whole['page'] ?: $other[] = $what;
            $cuts++;
        }

        return [
            new Figure(
                sprintf('%d files cut at any byte: %d pages failed, %d showed something else', $cuts, count($failed),
                    count($other)),
                $cuts > 0 && $failed === [] && $other === [], [...$failed, ...$other],
            ),
        ];
    }

    private static function setUp(): string
    {
        return <<<'PHP'
            $t = App\Models\User::create([
                "name" => "T", "email" => "cut@skerrypoint.example", "password" => "a quiet",
            ]);
            $game = Fravel\Edit\Blank::game("Cut", ["scene" => "One", "hello" => "Hello, and *welcome*."]);
            $r = app(App\Actions\OpenRun::class)->handle(
                app(App\Actions\CreateGame::class)->handle($t, $game), "Cut", false,
            );
            $p = app(App\Actions\JoinRun::class)->begin($r, "Mia", null);
            App\Storage\Pulse::beat($p->id, $r->id);
            echo json_encode(["code" => $r->code, "ticket" => App\Play\Ticket::for($p->id)->text()]);
            PHP;
    }

    /**
     * @param  array{code: string, ticket: string}  $there
     * @return array{status: list<int>, page: string} of a student's page and of what a device asks for
     */
    private static function shown(Arena $arena, array $there): array
    {
        [$statuses, $page] = [[], ''];
        foreach (['', '/news?seq=0&since=0'] as $path) {
            $handle = curl_init("{$arena->address}/p/{$there['code']}{$path}");
            curl_setopt_array($handle, [
                CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 20,
                CURLOPT_COOKIE => "fravel_play={$there['ticket']}",
            ]);
            $body = (string) curl_exec($handle);
            $statuses[] = (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
            $page .= $path === '' ? (string) strstr($body, '<main') : '';
        }

        // A key of its own for each form.
        return ['status' => $statuses, 'page' => (string) preg_replace('/name="key" value="[^"]*"/', '', $page)];
    }
}

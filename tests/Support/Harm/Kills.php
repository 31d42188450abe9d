<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use Fravel\Support\Json;
use PDO;
use Tests\Support\Games;

/** Students play while everything is killed and started again: what was acknowledged must be kept, and counted once. */
final class Kills
{
    /** @return list<Figure> */
    public static function report(Arena $arena, int $students, int $kills, float $seconds): array
    {
        $game = Games::document(
            [
                [
                    'id' => 'hall',
                    'things' => [
                        Games::choice('more', ['do' => [['add' => 'n', 'by' => 1]]]),
                        Games::choice('out', ['go' => 'end']),
                    ],
                ],
                ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
            ],
            ['tallies' => [['id' => 'n', 'name' => 'N', 'start' => 0]]],
        );
        [$code, $choice] = explode(
            ' ',
            $arena->tinker(
                '$t = App\Models\User::create(["name" => "T", "email" => "t@skerrypoint.example", "password" => "a '
                    .'quiet harbour"]); $r = '
                    .'app(App\Actions\OpenRun::class)->handle(app(App\Actions\CreateGame::class)->handle($t, '
                    .'json_decode(base64_decode("'.base64_encode(
                        Json::write($game),
                    ).'"), true)), "Harm", false); echo $r->code, " ", $r->edition->nameOf("more");',
            ),
        );
        $class = array_map(
            static fn (int $number): Student => new Student($arena->address, $code, $choice, $number),
            range(0, $students - 1),
        );
        self::play($arena, $class, $kills, $seconds);

        return self::judged($arena, $class, $kills);
    }

    /** @param  list<Student>  $class */
    private static function play(Arena $arena, array $class, int $kills, float $seconds): void
    {
        $multi = curl_multi_init();
        $begun = microtime(true);
        $waiting = array_keys($class);
        $killed = 0;
        do {
            $elapsed = microtime(true) - $begun;
            if ($killed < $kills && $elapsed > ($killed + 1) * $seconds / ($kills + 1)) {
                $arena->kill();
                $arena->start();
                $killed++;
            }
            foreach ($waiting as $place => $number) {
                if ($elapsed < $seconds && $class[$number]->notBefore <= microtime(true)) {
                    curl_multi_add_handle($multi, $class[$number]->request());
                    unset($waiting[$place]);
                }
            }
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.02);
            while (($done = curl_multi_info_read($multi)) !== false) {
                $number = (int) curl_getinfo($done['handle'], CURLINFO_PRIVATE);
                $class[$number]->take(
                    (int) curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE),
                    (string) curl_multi_getcontent($done['handle']),
                );
                curl_multi_remove_handle($multi, $done['handle']);
                $waiting[] = $number;
            }
        } while ($elapsed < $seconds || $running > 0);
    }

    /**
     * @param  list<Student>  $class
     * @return list<Figure>
     */
    private static function judged(Arena $arena, array $class, int $kills): array
    {
        $pdo = $arena->pdo();
        [$acknowledged, $lost, $doubled, $resent] = [0, 0, 0, 0];
        foreach ($class as $student) {
            $acknowledged += count($student->acknowledged);
            $resent += $student->resent;
            $events = $pdo->prepare("select key from play_events where play_id = ? and key != 'start'");
            $events->execute([$student->play() ?? '']);
            $keys = $events->fetchAll(PDO::FETCH_COLUMN);
            $lost += count(array_diff($student->acknowledged, $keys));
            $state = $pdo->prepare('select state from plays where id = ?');
            $state->execute([$student->play() ?? '']);
            $tallies = json_decode((string) $state->fetchColumn(), true)['tallies'] ?? [];
            $doubled += abs((int) (array_values($tallies)[0] ?? 0) - count(array_unique($keys)));
        }

        return [new Figure(
            sprintf(
                '%d students, %d kills of everything: %d actions acknowledged, %d sent again, %d lost, %d doubled',
                count($class), $kills, $acknowledged, $resent, $lost, $doubled,
            ),
            $acknowledged > 0 && $lost === 0 && $doubled === 0,
        )];
    }
}

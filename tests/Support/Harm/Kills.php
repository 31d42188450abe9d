<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use PDO;

/**
 * Students play alone, in teams and as a class that votes, and teachers write, while everything is killed and started
 * again: what was acknowledged must be kept, and counted once.
 */
final class Kills
{
    /** Members of each team, and how many of all are for each kind: so many of ten. */
    private const TEAM = 4;

    private const SHARES = ['alone' => 5, 'team' => 2, 'vote' => 2, 'edit' => 1];

    /** Times the seconds that it may take at most where the machine is slow. */
    private const LONGEST = 15;

    /** Keys of a vote that the application remembers. */
    private const REMEMBERED = 20;

    /** @return list<Figure> */
    public static function report(Arena $arena, int $hands, int $kills, float $seconds): array
    {
        $counts = array_map(static fn (int $share): int => max(1, intdiv($hands * $share, 10)), self::SHARES);
        $there = json_decode($arena->tinker(self::setUp($counts['team'], $counts['vote'])), true);
        $all = [];
        foreach ($counts as $kind => $count) {
            $all[$kind] = array_map(
                static fn (int $one): Hand => self::hand($arena, $kind, $there, $one), range(0, $count - 1),
            );
        }
        self::play($arena, array_merge(...array_values($all)), $kills, $seconds);

        return array_map(
            static fn (string $kind): Figure => self::judged($arena, $kind, $all[$kind], $there, $kills),
            array_keys($counts),
        );
    }

    /** @param  array<string, mixed>  $there */
    private static function hand(Arena $arena, string $kind, array $there, int $one): Hand
    {
        return match ($kind) {
            'team' => new Student($arena->address, $there['teams'], $there['more'], $one, $there['members'][$one]),
            'vote' => new Student(
                $arena->address, $there['class'], $there[$one % 2 === 0 ? 'more' : 'out'], $one, $there['voters'][$one],
            ),
            'edit' => new Author(
                $arena->address, Teacher::signedIn($arena, "kills-{$one}@skerrypoint.example"),
            ),
            default => new Student($arena->address, $there['alone'], $there['more'], $one),
        };
    }

    /** Three runs of a game whose choice counts; with tickets of those who are there already. */
    private static function setUp(int $members, int $voters): string
    {
        $team = self::TEAM;

        return <<<PHP
            \$t = App\Models\User::create(["name" => "T", "email" => "t@skerrypoint.example", "password" => "a quiet"]);
            \$game = Fravel\Edit\Blank::game("Harm", ["scene" => "One", "hello" => "Hello"]);
            \$game["tallies"] = [["id" => "n", "name" => "N", "start" => 0]];
            \$choice = fn (string \$id, int \$by) => ["id" => \$id, "kind" => "choice", "md" => \$id,
                "react" => [["do" => [["add" => "n", "by" => \$by]]]]];
            array_push(\$game["scenes"][0]["things"], \$choice("more", 1), \$choice("out", 2));
            \$g = app(App\Actions\CreateGame::class)->handle(\$t, \$game);
            \$open = fn (string \$as) => tap(app(App\Actions\OpenRun::class)->handle(\$g, \$as, false),
                fn (\$run) => \$run->update(["plays_as" => \$as]));
            [\$alone, \$teams, \$class] = array_map(\$open, ["each", "teams", "class"]);
            \$join = app(App\Actions\JoinRun::class);
            \$members = [];
            for (\$one = 0; \$one < {$members}; \$one++) {
                \$play = \$one % {$team} === 0 ? \$join->begin(\$teams, "Team \$one", null) : \$play;
                \$member = \$play->members()->create(["name" => "M \$one", "joined_at" => time()]);
                \$members[] = App\Play\Ticket::for(\$play->id, \$member->id)->text();
            }
            \$play = App\Play\Voting::play(\$class, \$join);
            for (\$one = 0; \$one < {$voters}; \$one++) {
                \$voters[] = App\Play\Ticket::for(\$play->id, App\Play\Voting::member(\$play, "V \$one")->id)->text();
            }
            \$edition = \$alone->edition;
            echo json_encode([
                "alone" => \$alone->code, "teams" => \$teams->code, "class" => \$class->code, "members" => \$members,
                "voters" => \$voters, "more" => \$edition->nameOf("more"), "out" => \$edition->nameOf("out"),
            ]);
            PHP;
    }

    /** @param  list<Hand>  $hands */
    private static function play(Arena $arena, array $hands, int $kills, float $seconds): void
    {
        $multi = curl_multi_init();
        $begun = microtime(true);
        $waiting = array_keys($hands);
        $on = [];
        $killed = 0;
        do {
            $elapsed = microtime(true) - $begun;
            if ($killed < $kills && $elapsed > ($killed + 1) * $seconds / ($kills + 1)) {
                $arena->kill();
                $arena->start();
                $killed++;
            }
            // However slow the machine is, each comes to something.
            $goesOn = $elapsed < $seconds || ($elapsed < self::LONGEST * $seconds && ! self::haveAllDone($hands));
            foreach ($waiting as $place => $number) {
                if ($goesOn && $hands[$number]->notBefore <= microtime(true)) {
                    $handle = $hands[$number]->request();
                    $on[spl_object_id($handle)] = $number;
                    curl_multi_add_handle($multi, $handle);
                    unset($waiting[$place]);
                }
            }
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.02);
            while (($done = curl_multi_info_read($multi)) !== false) {
                $number = $on[spl_object_id($done['handle'])];
                $hands[$number]->take(
                    (int) curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE),
                    (string) curl_multi_getcontent($done['handle']),
                );
                curl_multi_remove_handle($multi, $done['handle']);
                $waiting[] = $number;
            }
        } while ($goesOn || $running > 0);
    }

    /** @param  list<Hand>  $hands */
    private static function haveAllDone(array $hands): bool
    {
        return array_filter($hands, static fn (Hand $hand): bool => $hand->acknowledged === []) === [];
    }

    /**
     * @param  list<Hand>  $hands
     * @param  array<string, mixed>  $there
     */
    private static function judged(Arena $arena, string $kind, array $hands, array $there, int $kills): Figure
    {
        [$lost, $doubled] = match ($kind) {
            'vote' => self::votes($arena->pdo(), $hands),
            'edit' => self::edits($arena->pdo(), $hands),
            default => self::actions($arena->pdo(), $hands),
        };
        $acknowledged = array_sum(array_map(static fn (Hand $hand): int => count($hand->acknowledged), $hands));

        return new Figure(
            sprintf(
                '%s: %d hands, %d kills of everything: %d acknowledged, %d sent again, %d lost, %d doubled', $kind,
                count($hands), $kills, $acknowledged,
                array_sum(array_map(static fn (Hand $hand): int => $hand->resent, $hands)), $lost, $doubled,
            ),
            $acknowledged > 0 && $lost === 0 && $doubled === 0,
        );
    }

    /**
     * @param  list<Hand>  $hands
     * @return array{int, int} lost and doubled
     */
    private static function actions(PDO $pdo, array $hands): array
    {
        $plays = [];
        foreach ($hands as $hand) {
            $play = $hand instanceof Student ? (string) $hand->play() : '';
            $plays[$play] = [...$plays[$play] ?? [], ...$hand->acknowledged];
        }
        [$lost, $doubled] = [0, 0];
        foreach ($plays as $play => $acknowledged) {
            $keys = self::column($pdo, "select key from play_events where play_id = ? and key != 'start'", $play);
            $tallies = json_decode(self::column($pdo, 'select state from plays where id = ?', $play)[0] ?? '', true);
            $lost += count(array_diff($acknowledged, $keys));
            $doubled += abs((int) (array_values($tallies['tallies'] ?? [])[0] ?? 0) - count(array_unique($keys)));
        }

        return [$lost, $doubled];
    }

    /**
     * @param  list<Hand>  $hands
     * @return array{int, int}
     */
    private static function votes(PDO $pdo, array $hands): array
    {
        $kept = array_merge([], ...array_map(
            static fn (string $keys): array => (array) json_decode($keys, true),
            self::column($pdo, 'select keys from votes'),
        ));
        $lost = 0;
        foreach ($hands as $hand) {
            $lost += count(array_diff(array_slice($hand->acknowledged, -self::REMEMBERED), $kept));
        }
        $many = self::column($pdo, 'select member_id from votes group by ballot_id, member_id having count(*) > 1');
        $open = self::column($pdo, 'select count(*) from ballots where closed_at is null group by play_id');

        return [$lost, count($many) + count(array_filter($open, static fn (string $count): bool => $count !== '1'))];
    }

    /**
     * @param  list<Hand>  $hands
     * @return array{int, int}
     */
    private static function edits(PDO $pdo, array $hands): array
    {
        $ids = array_merge([], ...array_map(
            static fn (string $document): array => array_column(json_decode($document, true)['tokens'] ?? [], 'id'),
            self::column($pdo, 'select document from games'),
        ));
        $wanted = array_map(
            static fn (string $key): string => "t{$key}",
            array_merge(...array_map(static fn (Hand $hand): array => $hand->acknowledged, $hands)),
        );

        return [count(array_diff($wanted, $ids)), count($ids) - count(array_unique($ids))];
    }

    /** @return list<string> */
    private static function column(PDO $pdo, string $query, string ...$values): array
    {
        $asked = $pdo->prepare($query);
        $asked->execute($values);

        return array_values(array_map(strval(...), $asked->fetchAll(PDO::FETCH_COLUMN)));
    }
}

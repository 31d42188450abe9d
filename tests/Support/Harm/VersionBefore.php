<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

/**
 * The application as it was before its database last changed, on the database as it is now: as on a machine that is
 * brought up to date while a class plays, and back again. What either says is kept is there for both.
 */
final class VersionBefore
{
    private const ACTIONS = 20;

    /** @return list<Figure> */
    public static function report(Arena $arena): array
    {
        $root = dirname(__DIR__, 3);
        $before = trim((string) shell_exec(
            'git -C '.escapeshellarg($root).' log --diff-filter=A --format=%H~1 -1 -- database/migrations 2>/dev/null',
        ));
        if ($before === '') {
            return [new Figure('the version before was not tried: its history is not here')];
        }
        $old = "{$arena->folder}/before";
        self::unpack($root, $before, $old);
        $there = json_decode($arena->tinker(Classes::ONE_CHOICE.<<<'PHP'
            $r = oneChoice("before"); $p = app(App\Actions\JoinRun::class)->begin($r, "Mia", null);
            echo json_encode(["code" => $r->code, "ticket" => App\Play\Ticket::for($p->id)->text(), "play" => $p->id,
                "more" => $r->edition->nameOf("more")]);
            PHP), true);
        [$kept, $failed] = [0, []];
        foreach ([$old, null, $old, null] as $turn => $version) {
            $arena->kill();
            $arena->start(root: $version);
            for ($number = 0; $number < self::ACTIONS; $number++) {
                $reply = self::asked($arena, $there, "turn-{$turn}-number-{$number}");
                str_contains($reply, '"refusal":null') ? $kept++ : $failed[] = substr($reply, 0, 200);
            }
            $page = self::asked($arena, $there, null);
            str_contains($page, '<main') ?: $failed[] = substr($page, 0, 200);
        }
        $counted = $arena->pdo()->query("select count(*) from play_events where play_id = '{$there['play']}'");

        return [new Figure(
            sprintf(
                'the version before the last change of the database (%s), in turns with this one: %d of %d actions '
                    .'kept, %d counted, %d failures',
                substr($before, 0, 7), $kept, 4 * self::ACTIONS,
                (int) ($counted === false ? 0 : $counted->fetchColumn()) - 1, count($failed),
            ),
            $failed === [] && $kept === 4 * self::ACTIONS,
            array_slice($failed, 0, 3),
        )];
    }

    /** Packages are those of now: what they are is not what is tried. */
    private static function unpack(string $root, string $version, string $folder): void
    {
        is_dir($folder) || mkdir($folder);
        [$from, $to] = [escapeshellarg($root), escapeshellarg($folder)];
        exec("git -C {$from} archive ".escapeshellarg($version)." | tar -x -C {$to}");
        exec("cp -a {$from}/vendor {$to}/ && ln -s {$from}/node_modules {$to}/node_modules");
        exec("cd {$to} && npm run build >/dev/null 2>&1");
        exec("mkdir -p {$to}/storage/framework/views {$to}/storage/framework/cache/data "
            ."{$to}/storage/framework/sessions {$to}/storage/logs {$to}/bootstrap/cache");
    }

    /** @param  array{code: string, ticket: string, more: string}  $there */
    private static function asked(Arena $arena, array $there, ?string $key): string
    {
        $handle = curl_init("{$arena->address}/p/{$there['code']}");
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30,
            CURLOPT_COOKIE => "fravel_play={$there['ticket']}",
        ] + ($key === null ? [] : [
            CURLOPT_POSTFIELDS => http_build_query([
                'verb' => 'choose', 'on' => $there['more'], 'key' => $key, 'ticket' => $there['ticket'],
            ]),
            CURLOPT_HTTPHEADER => ['Accept: application/json'],
        ]));

        return (string) curl_exec($handle);
    }
}

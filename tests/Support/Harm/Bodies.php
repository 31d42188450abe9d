<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use CurlHandle;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Bodies and addresses that no page sends, from strangers, students and a teacher signed in; a 5xx is an exception. */
final class Bodies
{
    /** Requests that are on their way at the same time. */
    private const AT_ONCE = 16;

    /** @return list<Figure> */
    public static function report(Arena $arena, int $seed, int $count, float $seconds): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $teacher = Teacher::signedIn($arena, 'junk@skerrypoint.example');
        $until = microtime(true) + $seconds;
        $multi = curl_multi_init();
        [$sent, $open, $broken] = [0, 0, []];
        while (($sent < $count && microtime(true) < $until) || $open > 0) {
            while ($open < self::AT_ONCE && $sent < $count && microtime(true) < $until) {
                curl_multi_add_handle(
                    $multi,
                    $dice->getInt(0, 1) === 0 ? self::request($arena, $dice) : self::fromTeacher(
                        $arena, $dice, $teacher,
                    ),
                );
                $sent++;
                $open++;
            }
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.02);
            while (($done = curl_multi_info_read($multi)) !== false) {
                $status = (int) curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE);
                if ($status >= 500 || $status === 0) {
                    $broken[$status.' '.curl_getinfo($done['handle'], CURLINFO_PRIVATE)] = true;
                }
                curl_multi_remove_handle($multi, $done['handle']);
                $open--;
            }
        }

        return [new Figure(
            "{$sent} bodies and addresses: ".count($broken).' exceptions', $broken === [], array_keys($broken),
        )];
    }

    private static function fromTeacher(Arena $arena, Randomizer $dice, Teacher $teacher): CurlHandle
    {
        $pick = static fn (array $of): mixed => $of[$dice->getInt(0, count($of) - 1)];
        $path = $pick(self::pathsOf($teacher));
        $fields = array_filter(self::fields($dice, $pick), static fn (): bool => $dice->getInt(0, 3) > 0);
        $isJson = $dice->getInt(0, 3) > 0;
        $handle = curl_init($arena->address.$path);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30,
            CURLOPT_CUSTOMREQUEST => $pick(['GET', 'POST', 'POST', 'POST', 'POST']),
            CURLOPT_COOKIEFILE => $teacher->jar,
            CURLOPT_PRIVATE => strtr($path, [$teacher->game => 'G', $teacher->run => 'R']).' '.mb_strimwidth(
                (string) json_encode($fields, JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 400, '…',
            ),
            CURLOPT_HTTPHEADER => [
                "X-XSRF-TOKEN: {$teacher->token}", 'Accept: '.$pick(['application/json', 'text/html']),
                'Content-Type: '.($isJson ? 'application/json' : 'application/x-www-form-urlencoded'),
            ],
            CURLOPT_POSTFIELDS => $isJson ? str_replace(
                '"1e999"', '1e999', (string) json_encode($fields, JSON_PARTIAL_OUTPUT_ON_ERROR),
            ) : http_build_query($fields),
        ]);

        return $handle;
    }

    /** @return non-empty-list<string> */
    private static function pathsOf(Teacher $teacher): array
    {
        [$game, $run] = ["/games/{$teacher->game}", "/runs/{$teacher->run}"];

        return [
            '/games', "{$game}/edits", "{$game}/edits", "{$game}/edits", "{$game}/undo", "{$game}/redo",
            "{$game}/history", "{$game}/bench", "{$game}/patterns", "{$game}/patterns/preview", "{$game}/pictures",
            "{$game}/scores?supposed[]=%FF&supposed[a][]=b",
            "{$game}/rehearsal", "{$game}/rehearsal/begin", "{$game}/rehearsal/walk", "{$game}/rehearsal/step",
            "{$game}/rehearsal/keep", "{$game}/rehearsal/forget", "{$game}/rehearsal?from[]=x", "{$game}/runs",
            "{$game}/away", '/games/new/worksheet', '/games/new/worksheet/build',
            "{$run}/settings", "{$run}/standing", "{$run}/report.csv", '/games?seek[]=x', "{$game}/findings",
        ];
    }

    /** @return array<string, mixed> */
    private static function fields(Randomizer $dice, callable $pick): array
    {
        $junk = static fn (): mixed => $pick([
            '', 'x', "\xFF\xFE", "\0", str_repeat('9', 3000), [], [[]], ['a' => ['b' => null]], 1e308, -1, true, null,
            '@game', 's1', 'first-scene', 'first-text', '1e999', str_repeat('=', 200),
            $dice->getInt(PHP_INT_MIN, PHP_INT_MAX),
        ]);
        $part = [
            'id' => 'n'.$dice->getInt(0, 50), 'kind' => $pick(['lock', 'choice', 'cover', 'clip', 'mosaic', 'x']),
            'input' => $junk(), 'rules' => [['match' => $junk(), 'verdict' => 'open']], 'react' => $junk(),
            'things' => $junk(),
        ];
        $command = $pick([
            ['set' => $junk(), 'field' => $junk(), 'to' => $junk()],
            [
                'set' => '@game',
                'field' => $pick(['title', 'start', 'tokens', 'about', 'language', 'scenes', 'walkthroughs']),
                'to' => $junk(),
            ],
            ['set' => 'first-text', 'field' => $pick(['md', 'if', 'kind', 'box']), 'to' => $junk()],
            [
                'insert' => $pick(['things', 'scenes', 'tokens', 'walkthroughs']),
                'in' => $pick(['@game', 'first-scene']), 'after' => $junk(), 'value' => $part,
            ],
            ['together' => [['remove' => $junk()], ['duplicate' => [$junk()], 'times' => $junk()]]],
            ['move' => 'first-text', 'in' => $junk(), 'after' => $junk()],
            ['deleteScene' => 'first-scene', 'lead' => $junk()], ['drop' => $junk(), 'in' => $junk()], $junk(),
        ]);
        $with = $pick([
            $junk(),
            ['questions' => "What?\tthat\t".str_repeat('|', 50), 'outcomes' => "a\nb", 'quizQuestions' => "q\ta\tb"],
            ['questions' => $junk()],
        ]);

        return [
            'command' => $command, 'base' => $pick([0, 1, 9, $junk()]),
            'pattern' => $pick(['ladder', 'quiz', 'practice', 'hub', $junk()]), 'with' => $with,
            'verb' => $pick(['answer', 'choose', $junk()]), 'collection' => $pick(['teapot', $junk()]),
        ]
            + array_map(
                $junk,
                array_fill_keys(
                    [
                        'label', 'key', 'usual', 'after', 'change', 'lock', 'on', 'finding', 'count', 'name', 'names',
                        'tallies', 'holding', 'from', 'title', 'text', 'rows', 'setting', 'tone', 'file',
                    ],
                    null,
                ),
            );
    }

    private static function request(Arena $arena, Randomizer $dice): CurlHandle
    {
        $pick = static fn (array $of): mixed => $of[$dice->getInt(0, count($of) - 1)];
        $path = $pick([
            '/', '/join', '/join?code=%FF', '/p/CDFGH', '/p/CDFGH/join', '/p/CDFGH/again', '/p/CDFGH/leave', '/p/%00',
            '/sign-in', '/register', '/forgotten', '/reset', '/reset/%FF%00', '/files/'.str_repeat('a', 64).'.svg',
            '/files/%00', '/settings/quay/day.svg', '/games', '/games/%FF', '/outbox', '/build/%2e%2e/%2e%2e/.env',
            '/register/finish?email[]=x&signature=y', '/?'.str_repeat('a', 5000),
        ]);
        $junk = static fn (): string => $pick([
            '', 'x', "\xFF\xFE", "\0", str_repeat('9', 3000), '[]', '{"a":', '<b>', '٣', '1e999', $dice->getBytes(20),
        ]);
        $fields = [];
        foreach (
            [
                'name', 'words', 'code', 'email', 'password', 'token', 'ticket', 'verb', 'on', 'with', 'key', '_token',
                'typed',
            ] as $name
        ) {
            $dice->getInt(0, 2) > 0 ?: $fields[$name] = $pick([$junk(), [$junk()], ['a' => ['b' => $junk()]]]);
        }
        $isJson = $dice->getInt(0, 3) === 0;
        $handle = curl_init($arena->address.$path);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 20,
            CURLOPT_CUSTOMREQUEST => $pick(['GET', 'POST', 'POST', 'POST', 'PUT', 'DELETE', 'HEAD', 'OPTIONS']),
            CURLOPT_PRIVATE => $path, CURLOPT_PATH_AS_IS => true,
            CURLOPT_HTTPHEADER => [
                'Accept: '.$pick(['application/json', 'text/html', '*/*', "\xFF"]),
                'Content-Type: '.$pick(
                    $isJson ? ['application/json'] : [
                        'application/x-www-form-urlencoded', 'application/x-www-form-urlencoded', 'multipart/form-data',
                        'text/plain',
                    ],
                ),
                'Cookie: fravel_play='.rawurlencode($junk()).'; fravel_session='.rawurlencode($junk()),
            ],
            CURLOPT_POSTFIELDS => $isJson ? $pick([
                $junk(), (string) json_encode($fields, JSON_PARTIAL_OUTPUT_ON_ERROR),
            ]) : http_build_query($fields),
        ]);
        str_starts_with($path, '/') && $dice->getInt(0, 9) === 0 && curl_setopt($handle, CURLOPT_NOBODY, true);

        return $handle;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use CurlHandle;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Bodies and addresses that no page sends, for every address a stranger or a student can reach; a 5xx is an exception. */
final class Bodies
{
    /** Requests that are on their way at the same time. */
    private const AT_ONCE = 16;

    /** @return list<string> what came of it */
    public static function report(Arena $arena, int $seed, int $count, float $seconds): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $until = microtime(true) + $seconds;
        $multi = curl_multi_init();
        [$sent, $open, $broken] = [0, 0, []];
        while (($sent < $count && microtime(true) < $until) || $open > 0) {
            while ($open < self::AT_ONCE && $sent < $count && microtime(true) < $until) {
                curl_multi_add_handle($multi, self::request($arena, $dice));
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

        return ["{$sent} bodies and addresses: ".count($broken).' exceptions', ...array_map(static fn (string $one): string => "    {$one}", array_keys($broken))];
    }

    private static function request(Arena $arena, Randomizer $dice): CurlHandle
    {
        $pick = static fn (array $of): mixed => $of[$dice->getInt(0, count($of) - 1)];
        $path = $pick(['/', '/join', '/join?code=%FF', '/p/CDFGH', '/p/CDFGH/join', '/p/CDFGH/again', '/p/CDFGH/leave', '/p/%00', '/sign-in', '/register', '/forgotten', '/reset', '/reset/%FF%00', '/files/'.str_repeat('a', 64).'.svg', '/files/%00', '/settings/quay/day.svg', '/games', '/games/%FF', '/outbox', '/build/%2e%2e/%2e%2e/.env', '/register/finish?email[]=x&signature=y', '/?'.str_repeat('a', 5000)]);
        $junk = static fn (): string => $pick(['', 'x', "\xFF\xFE", "\0", str_repeat('9', 3000), '[]', '{"a":', '<b>', '٣', '1e999', $dice->getBytes(20)]);
        $fields = [];
        foreach (['name', 'words', 'code', 'email', 'password', 'token', 'ticket', 'verb', 'on', 'with', 'key', '_token', 'typed'] as $name) {
            $dice->getInt(0, 2) > 0 ?: $fields[$name] = $pick([$junk(), [$junk()], ['a' => ['b' => $junk()]]]);
        }
        $isJson = $dice->getInt(0, 3) === 0;
        $handle = curl_init($arena->address.$path);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 20, CURLOPT_CUSTOMREQUEST => $pick(['GET', 'POST', 'POST', 'POST', 'PUT', 'DELETE', 'HEAD', 'OPTIONS']), CURLOPT_PRIVATE => $path, CURLOPT_PATH_AS_IS => true,
            CURLOPT_HTTPHEADER => ['Accept: '.$pick(['application/json', 'text/html', '*/*', "\xFF"]), 'Content-Type: '.$pick($isJson ? ['application/json'] : ['application/x-www-form-urlencoded', 'application/x-www-form-urlencoded', 'multipart/form-data', 'text/plain']), 'Cookie: fravel_play='.rawurlencode($junk()).'; fravel_session='.rawurlencode($junk())],
            CURLOPT_POSTFIELDS => $isJson ? $pick([$junk(), (string) json_encode($fields, JSON_PARTIAL_OUTPUT_ON_ERROR)]) : http_build_query($fields),
        ]);
        str_starts_with($path, '/') && $dice->getInt(0, 9) === 0 && curl_setopt($handle, CURLOPT_NOBODY, true);

        return $handle;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

/** All that is kept can only be read: who asks is told so in words, nothing is said to be kept, and it goes on. */
final class OnlyToRead
{
    /** Without which whoever owns this machine may not write either. */
    private const PLAIN = ['setpriv', '--bounding-set=-dac_override', '--inh-caps=-dac_override'];

    private const ACTIONS = 5;

    /** @return list<Figure> */
    public static function report(Arena $arena): array
    {
        $there = json_decode($arena->tinker(Classes::ONE_CHOICE.<<<'PHP'
            $r = oneChoice("readonly"); $p = app(App\Actions\JoinRun::class)->begin($r, "Mia", null);
            echo json_encode(["code" => $r->code, "ticket" => App\Play\Ticket::for($p->id)->text(), "play" => $p->id,
                "more" => $r->edition->nameOf("more")]);
            PHP), true);
        $kept = self::act($arena, $there, 'before');
        $arena->kill();
        exec('chmod -R a-w '.escapeshellarg($arena->folder));
        $arena->start(self::mustBePlain() ? self::PLAIN : []);
        $during = self::act($arena, $there, 'during');
        $pages = self::pages($arena, $there['code'], $there['ticket']);
        exec('chmod -R u+w '.escapeshellarg($arena->folder));
        $after = self::act($arena, $there, 'during') + self::act($arena, $there, 'after');
        $counted = $arena->pdo()->query("select count(*) from play_events where play_id = '{$there['play']}'");
        $lost = $kept + $during + $after + 1 - (int) ($counted === false ? 0 : $counted->fetchColumn());
        $arena->kill();
        $arena->start();

        return [new Figure(
            sprintf(
                'storage that can only be read: %d of %d actions said to be kept meanwhile, %d of %d kept afterwards, '
                    .'%d lost or doubled; %d pages without words of ours',
                $during, self::ACTIONS, $after, 2 * self::ACTIONS, $lost, count($pages),
            ),
            $kept === self::ACTIONS && $during === 0 && $after === 2 * self::ACTIONS && $lost === 0 && $pages === [],
            $pages,
        )];
    }

    private static function mustBePlain(): bool
    {
        return function_exists('posix_geteuid') && posix_geteuid() === 0;
    }

    /**
     * @param  array{code: string, ticket: string, more: string}  $there
     * @return int actions that were said to be kept
     */
    private static function act(Arena $arena, array $there, string $when): int
    {
        $kept = 0;
        for ($number = 0; $number < self::ACTIONS; $number++) {
            [, $body] = self::asked("{$arena->address}/p/{$there['code']}", $there['ticket'], http_build_query([
                'verb' => 'choose', 'on' => $there['more'], 'key' => "{$when}-{$number}-of-the-key",
                'ticket' => $there['ticket'],
            ]));
            $kept += str_contains($body, '"refusal":null') ? 1 : 0;
        }

        return $kept;
    }

    /** @return list<string> pages that say nothing in words of ours */
    private static function pages(Arena $arena, string $code, string $ticket): array
    {
        $wrong = [];
        foreach (['/', '/join', "/p/{$code}", "/p/{$code}/news?seq=0&since=0", '/sign-in', '/games'] as $path) {
            [$status, $body] = self::asked("{$arena->address}{$path}", $ticket, null);
            $isOurs = str_contains($body, '<main') || json_decode($body) !== null || $status === 302;
            $isOurs && ! str_contains($body, '#0 ') ?: $wrong[] = "{$path}: {$status}, ".substr($body, 0, 200);
        }

        return $wrong;
    }

    /** @return array{int, string} */
    private static function asked(string $address, string $ticket, ?string $body): array
    {
        $handle = curl_init($address);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30, CURLOPT_COOKIE => "fravel_play={$ticket}",
        ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => $body, CURLOPT_HTTPHEADER => ['Accept: application/json']]));
        $reply = (string) curl_exec($handle);

        return [(int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), $reply];
    }
}

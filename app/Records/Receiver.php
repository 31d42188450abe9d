<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\OwnAddress;
use App\Play\Clock;
use App\Storage\Secret;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Stands in for a learning record store: takes statements as the Experience API has it, keeps each once, and can be
 * set down, so that one sees what happens then. An address in the settings of the application puts a real one in its
 * place.
 */
final class Receiver
{
    public const NAME = 'fravel';

    private const DOWN = 'receiver.down';

    /** Statements in one request at most. */
    private const MOST = 500;

    public static function address(): string
    {
        $other = config('fravel.receiver');

        return is_string($other) && $other !== '' ? $other : OwnAddress::of('/receiver/statements');
    }

    public static function secret(): string
    {
        $other = config('fravel.receiver_secret');

        return is_string($other) && $other !== '' ? $other : substr(Secret::hex('receiver'), 0, 32);
    }

    public static function isDown(): bool
    {
        return Cache::get(self::DOWN) === true;
    }

    public static function setDown(bool $isDown): void
    {
        $isDown ? Cache::forever(self::DOWN, true) : Cache::forget(self::DOWN);
    }

    /**
     * @param  mixed  $sent  one statement, or a list of them
     * @return list<string>|null  their ids; null when it is none
     */
    public static function take(mixed $sent): ?array
    {
        $statements = is_array($sent) && array_is_list($sent) ? $sent : [$sent];
        $rows = [];
        foreach ($statements as $statement) {
            $isOne = is_array($statement) && is_array($statement['actor'] ?? null)
                && is_string($statement['verb']['id'] ?? null) && is_string($statement['object']['id'] ?? null);
            if (! $isOne || ! Str::isUuid($statement['id'] ?? null)) {
                return null;
            }
            $rows[] = [
                'uuid' => $statement['id'], 'statement' => (string) json_encode($statement),
                'at' => Clock::seconds(),
            ];
        }
        if ($rows === [] || count($rows) > self::MOST) {
            return null;
        }
        // What was sent from here goes with what it is of.
        $own = DB::table('records')->whereIn('uuid', array_column($rows, 'uuid'))->pluck('id', 'uuid')->all();
        DB::table('received_records')->insertOrIgnore(array_map(
            static fn (array $row): array => $row + ['record_id' => $own[$row['uuid']] ?? null], $rows,
        ));

        return array_column($rows, 'uuid');
    }
}

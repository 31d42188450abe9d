<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\User;
use Fravel\Edit\Pattern\Usual;

/** What a teacher usually wants of locks, kept from one building to the next. */
final class Usuals
{
    /** A pause nobody minds, and that makes trying everything dull. */
    private const TRIES = 3;

    private const WAIT = 20;

    public static function of(User $teacher): Usual
    {
        return self::read($teacher->usual ?? []);
    }

    /** @param  array<array-key, mixed>  $sent  right, wrong, tries, wait */
    public static function read(array $sent): Usual
    {
        $words = static fn (string $name): string => is_string($sent[$name] ?? null) ? mb_substr(trim($sent[$name]), 0, 500) : '';
        $number = static fn (string $name, int $usual): int => is_numeric($sent[$name] ?? null) ? max(0, min(600, (int) $sent[$name])) : $usual;

        return new Usual($words('right'), $words('wrong'), $number('tries', self::TRIES), $number('wait', self::WAIT));
    }

    public static function keep(User $teacher, Usual $usual): void
    {
        $teacher->usual = self::toArray($usual);
        $teacher->isDirty() && $teacher->save();
    }

    /** @return array{right: string, wrong: string, tries: int, wait: int} */
    public static function toArray(Usual $usual): array
    {
        return ['right' => $usual->right, 'wrong' => $usual->wrong, 'tries' => $usual->tries, 'wait' => $usual->wait];
    }
}

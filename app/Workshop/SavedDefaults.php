<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\User;
use App\View\MadeSetting;
use Fravel\Pattern\TeacherDefaults;

/** What a teacher usually wants of locks, scenes and runs, kept from one time to the next. */
final class SavedDefaults
{
    /** A pause nobody minds, and that makes trying everything dull. */
    private const TRIES = 3;

    private const WAIT = 20;

    /** @param  array<array-key, mixed>  $sent  right, wrong, tries, wait, and the asset for `backdrop` */
    public static function read(array $sent): TeacherDefaults
    {
        $words = static fn (string $name): string => is_string($sent[$name] ?? null)
            ? mb_substr(trim($sent[$name]), 0, 500)
            : '';
        $number = static fn (string $name, int $usual): int => is_numeric($sent[$name] ?? null)
            ? max(0, min(600, (int) $sent[$name]))
            : $usual;

        return new TeacherDefaults(
            $words('right'),
            $words('wrong'),
            $number('tries', self::TRIES),
            $number('wait', self::WAIT),
            $words('backdrop'),
        );
    }

    /**
     * Keeps these of them; the others stay as they are.
     *
     * @param  array<array-key, mixed>  $sent
     */
    public static function keep(User $teacher, array $sent): void
    {
        $teacher->usual = array_replace(
            $teacher->usual ?? [],
            self::ofLocks($sent),
            self::look($sent),
            isset($sent['group']) ? ['group' => (bool) $sent['group']] : [],
        );
        $teacher->isDirty() && $teacher->save();
    }

    /** @return array{right: string, wrong: string, tries: int, wait: int, look: string} */
    public static function toArray(User $teacher): array
    {
        $usual = self::read($teacher->usual ?? []);
        $look = $teacher->usual['look'] ?? '';

        return [
            'right' => $usual->right,
            'wrong' => $usual->wrong,
            'tries' => $usual->tries,
            'wait' => $usual->wait,
            'look' => is_string($look) ? $look : '',
        ];
    }

    public static function asksGroup(User $teacher): bool
    {
        return ($teacher->usual['group'] ?? false) === true;
    }

    /**
     * @param  array<array-key, mixed>  $sent
     * @return array<string, mixed>
     */
    private static function ofLocks(array $sent): array
    {
        $usual = self::read($sent);

        return array_intersect_key(
            ['right' => $usual->right, 'wrong' => $usual->wrong, 'tries' => $usual->tries, 'wait' => $usual->wait],
            $sent,
        );
    }

    /**
     * A made setting in its light, as `quay/day`.
     *
     * @param  array<array-key, mixed>  $sent
     * @return array<string, string>
     */
    private static function look(array $sent): array
    {
        $look = is_string($sent['look'] ?? null) ? $sent['look'] : null;
        [$kind, $tone] = [...explode('/', $look ?? '', 2), ''];

        return $look === '' || ($look !== null && MadeSetting::isKnown($kind, $tone)) ? ['look' => $look] : [];
    }
}

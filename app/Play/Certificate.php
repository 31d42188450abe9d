<?php

declare(strict_types=1);

namespace App\Play;

use App\Models\Play;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;

/** The code on a certificate, by which the teacher who gave the run finds the play again. */
final class Certificate
{
    /** Letters and digits that are not taken for one another. */
    private const SIGNS = 'CDFGHJKMNPQRTVWXY346789';

    private const LENGTH = 8;

    /** Such as `CDFG-H346`; drawn when it is first asked for, and the same from then on. */
    public static function codeOf(Play $play): string
    {
        while ($play->certificate === null) {
            try {
                Play::query()->whereKey($play->id)->whereNull('certificate')->update(['certificate' => self::drawn()]);
                $play->refresh();
            } catch (UniqueConstraintViolationException) {
                // Taken: another one is drawn.
            }
        }

        return $play->certificate;
    }

    /** The play of a code as it was typed, in a run of this teacher. */
    public static function find(string $typed, User $teacher): ?Play
    {
        $signs = strtoupper((string) preg_replace('/[^a-z0-9]/i', '', $typed));
        $code = substr($signs, 0, self::LENGTH / 2).'-'.substr($signs, self::LENGTH / 2);

        return Play::query()
            ->where('certificate', $code)
            ->whereHas('run.game', static fn ($games) => $games->where('user_id', $teacher->id))
            ->first();
    }

    private static function drawn(): string
    {
        $code = '';
        for ($place = 0; $place < self::LENGTH; $place++) {
            $code .= ($place === self::LENGTH / 2 ? '-' : '').self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
        }

        return $code;
    }
}

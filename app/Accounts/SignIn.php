<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\Hash;

/**
 * One try to sign in. Known and unknown addresses cost the same work and get the same words. Wrong tries are counted by
 * account and by address; a device that has signed in before is counted by itself, so that a class that plays with the
 * teacher's name keeps nobody out.
 */
final class SignIn
{
    private const DEVICE = 'fravel_device';

    /** Accounts that one device is remembered for. */
    private const MOST_KNOWN = 6;

    private const YEAR_IN_MINUTES = 525_600;

    public function __construct(private readonly Request $request)
    {
    }

    /** Seconds to wait before a try is taken. */
    public function wait(string $email): int
    {
        return max(array_map(static fn (Patience $patience): int => $patience->left(), $this->patiences($email)));
    }

    public function try(string $email, string $password, bool $remember): bool
    {
        $patiences = $this->patiences($email);
        $teacher = User::query()->where('email', $email)->first();
        $isRight = self::agrees($password, $teacher->password ?? null) && $teacher !== null;
        if (! $isRight) {
            array_map(static fn (Patience $patience) => $patience->miss(), $patiences);

            return false;
        }
        $patiences[0]->forget();
        Auth::login($teacher, $remember);
        $this->know($email);

        return true;
    }

    /** Remembers that this device has signed in to the account, so that others' wrong tries don't count against it. */
    public function know(string $email): void
    {
        $known = array_slice(array_unique([self::mark($email), ...$this->known()]), 0, self::MOST_KNOWN);
        Cookie::queue(self::DEVICE, implode('.', $known), self::YEAR_IN_MINUTES);
    }

    /** As much work for no account as for one. What no password can hold agrees with none. */
    private static function agrees(string $password, ?string $hash): bool
    {
        $nobodys = sprintf('$2y$%02d$%s', (int) config('hashing.bcrypt.rounds'), str_repeat('a', 53));
        $isPossible = ! str_contains($password, "\0") && strlen($password) <= CountedPassword::MOST_BYTES;

        return Hash::check($isPossible ? $password : 'x', $hash ?? $nobodys) && $isPossible;
    }

    /** @return non-empty-list<Patience> the first is forgotten after a right try */
    private function patiences(string $email): array
    {
        if (in_array(self::mark($email), $this->known(), true)) {
            return [new Patience("device|{$email}", 10)];
        }
        $address = (string) $this->request->ip();

        return [
            new Patience("account at address|{$email}|{$address}", 10),
            new Patience("account|{$email}", 50),
            new Patience("address|{$address}", 100),
        ];
    }

    /** @return list<string> */
    private function known(): array
    {
        $cookie = $this->request->cookie(self::DEVICE);

        return is_string($cookie) ? explode('.', $cookie) : [];
    }

    private static function mark(string $email): string
    {
        return hash('sha256', "device|{$email}");
    }
}

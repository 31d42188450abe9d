<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Logging\Failure;
use App\Models\User;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Facades\URL;
use Throwable;

/**
 * Letters to teachers. Their links lead to the application's own address, whatever host it was called by; they are
 * written after the reply has gone, so that nobody can tell by its time whether there is an account.
 */
final class Letters
{
    /** Minutes for which the link to a new account is good. */
    private const GOOD_FOR = 60;

    public static function canBeSent(): bool
    {
        return ! self::stayHere() || config()->boolean('fravel.outbox');
    }

    /** Whether they go to the outbox, which is there for trying out. */
    public static function stayHere(): bool
    {
        return config('mail.default') === 'outbox';
    }

    /** To an address that asks for an account: how to make one, or that there is one. */
    public static function welcome(string $email): void
    {
        $isKnown = User::query()->where('email', $email)->exists();
        $words = $isKnown
            ? __('auth.letter_known', [
                'sign_in' => self::absolute(route('login', [], false)),
                'forgotten' => self::absolute(route('password.request', [], false)),
            ])
            : __('auth.letter_new', ['link' => self::linkTo($email)]);
        self::later(
            static fn () => Mail::raw(
                (string) $words,
                static fn (Message $letter) => $letter
                    ->to($email)
                    ->subject((string) __($isKnown ? 'auth.subject_known' : 'auth.subject_new')),
            ),
        );
    }

    public static function forgotten(string $email): void
    {
        self::later(static fn () => Password::sendResetLink(['email' => $email]));
    }

    /** Where an account of this address can be made. */
    public static function linkTo(string $email): string
    {
        return self::absolute(
            URL::temporarySignedRoute('register.finish', now()->addMinutes(self::GOOD_FOR), ['email' => $email], false),
        );
    }

    public static function absolute(string $path): string
    {
        return rtrim(config()->string('app.url'), '/').$path;
    }

    private static function later(callable $send): void
    {
        app()->terminating(static function () use ($send): void {
            try {
                $send();
            } catch (Throwable $failure) {
                Failure::tell($failure);
            }
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Providers;

use App\Accounts\CountedPassword;
use App\Accounts\Letters;
use App\Http\Field;
use App\Mail\OutboxTransport;
use App\Models\User;
use App\Storage\WholeFileSessions;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());
        Mail::extend('outbox', static fn (): OutboxTransport => new OutboxTransport());
        Session::extend(
            'file',
            static fn (Application $app): WholeFileSessions => new WholeFileSessions(
                $app->make(Filesystem::class),
                config()->string('session.files'),
                config()->integer('session.lifetime'),
            ),
        );
        Password::defaults(static fn (): Password => Password::min(10)->rules([new CountedPassword()]));
        ResetPassword::createUrlUsing(
            static fn (User $teacher, string $token): string => Letters::absolute(
                route('password.reset', ['token' => $token, 'email' => $teacher->email], false),
            ),
        );
        $this->limits();
    }

    private function limits(): void
    {
        RateLimiter::for(
            'letters',
            static fn (Request $request): array => [
                Limit::perMinute(30)->by('letters|'.$request->ip()),
                Limit::perHour(10)->by('letters|'.mb_strtolower(Field::text($request, 'email'))),
            ],
        );
        RateLimiter::for(
            'pictures',
            static fn (Request $request): Limit => Limit::perMinute(60)
                ->by('pictures|'.$request->user()?->getAuthIdentifier())
                ->response(
                    static fn (Request $request, array $headers): JsonResponse => new JsonResponse(
                        ['message' => __('pictures.often', ['seconds' => $headers['Retry-After'] ?? 60])],
                        429,
                        $headers,
                    ),
                ),
        );
    }
}

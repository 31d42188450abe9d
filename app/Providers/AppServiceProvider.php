<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\Field;
use App\Mail\OutboxTransport;
use App\Storage\ImmediateConnector;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());
        Mail::extend('outbox', static fn (): OutboxTransport => new OutboxTransport);
        Password::defaults(static fn (): Password => Password::min(10));
        RateLimiter::for('account', static fn (Request $request): array => [
            Limit::perMinute(30)->by('account|'.$request->ip()),
            Limit::perMinute(8)->by('account|'.mb_strtolower(Field::text($request, 'email')).'|'.$request->ip()),
        ]);
        // Two words are soon guessed by who may guess without end; others with the same name only wait a minute.
        RateLimiter::for('again', static fn (Request $request): array => [
            Limit::perMinute(120)->by('again|'.$request->ip()),
            Limit::perMinute(10)->by('again|'.mb_strtolower($request->path().'|'.Field::text($request, 'name'))),
        ]);
        RateLimiter::for('join', static fn (Request $request): Limit => Limit::perMinute(120)->by('join|'.$request->ip()));
    }
}

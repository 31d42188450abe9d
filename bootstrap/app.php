<?php

use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
        then: function (): void {
            // A student's way has no session and no middleware but the headers: see docs/decisions/0004.
            Route::group([], base_path('routes/play.php'));
            if (config('fravel.bench')) {
                Route::group([], base_path('routes/bench.php'));
            }
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->use([SecurityHeaders::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/games');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontFlash(['password', 'password_confirmation']);
    })
    ->create();

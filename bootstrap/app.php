<?php

use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SpeakLikeBrowser;
use App\Http\Middleware\SpeakToTeacher;
use App\Http\Middleware\TrustedHosts;
use App\Http\Middleware\WholeText;
use App\Logging\Failure;
use App\Play\Elsewhere;
use App\View\Moment;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\TrustHosts;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Tools\Bench\BenchClasses;
use Tools\Bench\BenchEdits;
use Tools\Bench\BenchLine;
use Tools\Bench\BenchPlays;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
        then: function (): void {
            // A student's way has no session and no middleware of its own: see docs/decisions/0004.
            Route::group([], base_path('routes/play.php'));
            if (config('fravel.bench')) {
                Route::group([], base_path('routes/bench.php'));
            }
        },
    )
    ->withCommands(array_values(array_filter(
        [BenchClasses::class, BenchEdits::class, BenchLine::class, BenchPlays::class], class_exists(...),
    )))
    ->withMiddleware(function (Middleware $middleware): void {
        // Answers, documents and worksheets are taken as they are typed: a space at the beginning may mean something.
        $asTyped = static fn (Request $request): bool => $request->is('p/*', 'games', 'games/*');
        $middleware->trustHosts();
        $middleware->replace(TrustHosts::class, TrustedHosts::class);
        $middleware->prepend(SecurityHeaders::class);
        $middleware->append(WholeText::class);
        $middleware->append(SpeakLikeBrowser::class);
        $middleware->web(append: SpeakToTeacher::class);
        // Told by a page's script, which can't encrypt.
        $middleware->encryptCookies(except: [Moment::COOKIE, Elsewhere::FIELD]);
        $middleware->trimStrings(except: [$asTyped]);
        $middleware->convertEmptyStringsToNull(except: [$asTyped]);
        $middleware->authenticateSessions();
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/games');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontFlash(['password', 'password_confirmation']);
        $exceptions->report(static fn (Throwable $failure) => Failure::tell($failure))->stop();
    })
    ->create();

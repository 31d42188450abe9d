<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\TrustedHosts;
use App\Http\Middleware\WholeText;
use App\Logging\Failure;
use App\Play\SentAction;
use App\Providers\PlayServiceProvider;
use ErrorException;
use Illuminate\Database\DatabaseServiceProvider;
use Illuminate\Filesystem\FilesystemServiceProvider;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Bootstrap\LoadConfiguration;
use Illuminate\Foundation\Bootstrap\LoadEnvironmentVariables;
use Illuminate\Foundation\Bootstrap\RegisterFacades;
use Illuminate\Foundation\FileBasedMaintenanceMode;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Translation\TranslationServiceProvider;
use Illuminate\View\Component;
use Illuminate\View\ViewServiceProvider;
use Symfony\Component\HttpFoundation\Exception\RequestExceptionInterface;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Takes a student's action that a script sends, past the router and all service providers that it needs none of: they
 * would cost more than judging it. Whatever is not plain (a stranger, a foreign host, maintenance, a failure) it leaves
 * to the application, which takes the same request as if nobody had seen it; the key that came with it counts once.
 */
final class ActionKernel
{
    private const PATH = '~^/p/([A-Za-z]{3,12})(?:\?|$)~D';

    private const PROVIDERS = [
        DatabaseServiceProvider::class, FilesystemServiceProvider::class, TranslationServiceProvider::class,
        ViewServiceProvider::class, PlayServiceProvider::class,
    ];

    private function __construct(private readonly Application $app)
    {
    }

    /**
     * What a device is answered; null where the application is to answer.
     *
     * @param  string  $root  the folder of the project
     */
    public static function answer(string $root, Request $request): ?Response
    {
        $isOurs = $request->server->get('REQUEST_METHOD') === 'POST' && SentAction::isByScript($request)
            && preg_match(self::PATH, (string) $request->server->get('REQUEST_URI'), $path) === 1;
        if (! $isOurs) {
            return null;
        }
        set_error_handler(self::stop(...));
        try {
            // A copy: a request remembers that its host was refused, and refuses it only once.
            return (new self(self::boot($root)))->take(clone $request, $path[1]);
        } catch (Throwable $failure) {
            self::leave($failure);

            return null;
        } finally {
            restore_error_handler();
        }
    }

    private static function boot(string $root): Application
    {
        $app = new Application($root);
        $app->bootstrapWith([LoadEnvironmentVariables::class, LoadConfiguration::class, RegisterFacades::class]);
        array_map($app->register(...), self::PROVIDERS);
        $app->boot();

        return $app;
    }

    private function take(Request $request, string $code): ?Response
    {
        $this->app->instance('request', $request);
        if ((new FileBasedMaintenanceMode())->active() || Key::sent($request) === null) {
            return null;
        }
        $act = static fn (Request $request): ?Response => ScriptedAction::reply($request, $code);
        $whole = static fn (Request $request): ?Response => (new WholeText())->handle($request, $act);
        $hosted = fn (Request $request): mixed => (new TrustedHosts($this->app))->handle($request, $whole);
        $reply = (new TrustProxies())->handle($request, $hosted);

        return $reply === null ? null : (new SecurityHeaders())->handle($request, static fn (): Response => $reply);
    }

    /** Nothing of what was begun stays; what failed is told, but for a request that was not sound. */
    private static function leave(Throwable $failure): void
    {
        Component::flushCache();
        Component::forgetFactory();
        try {
            $failure instanceof RequestExceptionInterface || Failure::tell($failure);
        } catch (Throwable) {
            // Where not even that can be done, the application fails next, and tells of it.
        }
    }

    /** @throws ErrorException for a warning that nobody asked to be quiet about */
    private static function stop(int $level, string $message, string $file, int $line): bool
    {
        return (error_reporting() & $level & ~E_DEPRECATED & ~E_USER_DEPRECATED) === 0
            ? true
            : throw new ErrorException($message, 0, $level, $file, $line);
    }
}

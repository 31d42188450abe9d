<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use App\Http\ActionKernel;
use Illuminate\Container\Container;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Bootstrap\LoadConfiguration;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Facade;
use ReflectionProperty;
use Symfony\Component\HttpFoundation\Response;

/** Actions that the short way takes: it boots an application of its own, which is given the test's connection. */
final class ActionKernelCases
{
    /** @var array<string, mixed> */
    private static array $settings = [];

    /** The last one that was sent, as the application would take it next. */
    public static Request $sent;

    public static function begin(): void
    {
        $held = DB::connection();
        Connection::resolverFor('sqlite', static fn (): Connection => $held);
        LoadConfiguration::alwaysUse(static fn (): array => self::$settings);
    }

    public static function end(): void
    {
        (new ReflectionProperty(Connection::class, 'resolvers'))->setValue(null, []);
        (new ReflectionProperty(LoadConfiguration::class, 'alwaysUseConfig'))->setValue(null, null);
    }

    /**
     * @param  array<string, mixed>  $form
     * @param  array<string, string>  $headers  beside what our script sends
     */
    public static function answer(string $code, array $form, array $headers = []): ?Response
    {
        $request = Request::create("http://localhost/p/{$code}", 'POST', $form, [
            'fravel_play' => $form['ticket'],
        ]);
        $request->headers->add($headers + ['Accept' => 'application/json']);
        [$own, self::$settings] = [app(), config()->all()];
        try {
            return ActionKernel::answer(base_path(), self::$sent = $request);
        } finally {
            Container::setInstance($own);
            Facade::clearResolvedInstances();
            Facade::setFacadeApplication($own);
            Model::setConnectionResolver($own['db']);
        }
    }
}

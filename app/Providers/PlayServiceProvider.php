<?php

declare(strict_types=1);

namespace App\Providers;

use App\Storage\ImmediateConnector;
use App\Words\Translator;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator as FrameworkTranslator;

/** What a student's action needs too, which boots little beside this. */
final class PlayServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        $this->app->extend(
            'translator',
            static fn (FrameworkTranslator $framework): Translator => tap(
                new Translator($framework->getLoader(), $framework->getLocale()),
                static fn (Translator $words) => $words->setFallback($framework->getFallback()),
            ),
        );
    }

    public function boot(): void
    {
        TrustProxies::at(config()->array('fravel.proxies'));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Middleware\TrustHosts;
use Illuminate\Http\Request;

/**
 * Answers only to the host of the application's own address and to those that are named beside it, wherever it runs.
 */
final class TrustedHosts extends TrustHosts
{
    public function handle(Request $request, $next)
    {
        Request::setTrustedHosts($this->hosts());
        // Asked for at once, so that also a page that builds no link is refused.
        $request->getHost();

        return $next($request);
    }

    /** @return list<string> patterns */
    public function hosts(): array
    {
        $own = parse_url(config()->string('app.url'), PHP_URL_HOST);
        /** @var list<string> $others */
        $others = config()->array('fravel.hosts');

        return array_map(static fn (string $host): string => '^'.preg_quote(trim($host)).'$', [
            ...is_string($own) ? [$own] : [],
            ...$others,
        ]);
    }
}

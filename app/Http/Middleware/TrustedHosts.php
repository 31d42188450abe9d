<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\OwnAddress;
use Illuminate\Http\Middleware\TrustHosts;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;

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
        $this->isOurPort($request) ?: throw new SuspiciousOperationException('Untrusted port.');

        return $next($request);
    }

    /** Whether the port that a request names, if it names one, is that of the address or a usual one. */
    private function isOurPort(Request $request): bool
    {
        $names = [$request->headers->get('Host'), ...$request->isFromTrustedProxy() ? [
            $request->headers->get('X-Forwarded-Host'),
        ] : []];
        foreach (array_filter($names) as $name) {
            $isNamed = preg_match('/:(\d+)$/D', $name, $port) === 1;
            if ($isNamed && ! in_array((int) $port[1], [OwnAddress::port(), 80, 443], true)) {
                return false;
            }
        }

        return true;
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

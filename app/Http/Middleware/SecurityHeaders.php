<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Play\Elsewhere;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;

/** Everything a page uses comes from here, and nothing on it is inline. */
final class SecurityHeaders
{
    private const RULES = "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; "
        ."media-src 'self' blob:; "
        ."font-src 'self'; connect-src 'self'; worker-src 'self'; object-src 'none'; base-uri 'none'; "
        ."form-action 'self'; frame-ancestors ";

    private const POLICY = self::RULES."'none'";

    /** For a page that another of ours shows in a frame. */
    public const FRAMED = self::RULES."'self'";

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $headers = $response->headers;
        if (! $headers->has('Content-Security-Policy')) {
            $headers->set('Content-Security-Policy', Elsewhere::policy().self::POLICY);
        }
        if ($request->query->has(Elsewhere::FIELD) && Elsewhere::policy() !== '') {
            $headers->setCookie(Cookie::create(
                Elsewhere::FIELD, Elsewhere::allowed(), 0, '/', null, $request->isSecure(), true, true, 'lax',
            ));
        }
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(), microphone=(), geolocation=()');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        // Only the front page is for those who search.
        $request->is('/') || $headers->set('X-Robots-Tag', 'noindex');

        return $response;
    }
}

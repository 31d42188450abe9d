<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Words\Languages;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Symfony\Component\HttpFoundation\Response;

/**
 * Until it is known who is spoken to: the language that the browser asks for, among those that students are spoken to
 * in.
 */
final class SpeakLikeBrowser
{
    public function handle(Request $request, Closure $next): Response
    {
        App::setLocale(Languages::nearest(Languages::asked($request), Languages::ofStudents()));

        return $next($request);
    }
}

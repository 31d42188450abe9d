<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Controllers\LanguageController;
use App\Words\Languages;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Symfony\Component\HttpFoundation\Response;

/** The language of the account, else the one that the browser asks for. */
final class SpeakToTeacher
{
    public function handle(Request $request, Closure $next): Response
    {
        $own = $request->user()->language ?? $request->session()->get(LanguageController::KEPT);
        App::setLocale(
            Languages::nearest(
                [...is_string($own) ? [$own] : [], ...Languages::asked($request)],
                Languages::ofTeachers(),
            ),
        );

        return $next($request);
    }
}

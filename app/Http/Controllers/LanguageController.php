<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LanguageRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;

/** The language that a teacher is spoken to in: kept with the account, and before there is one with the session. */
final class LanguageController extends Controller
{
    /** Where a session keeps it. */
    public const KEPT = 'language';

    public function __invoke(LanguageRequest $request): RedirectResponse
    {
        $language = $request->language();
        $teacher = $request->user();
        $teacher instanceof User
            ? $teacher->update(['language' => $language])
            : $request->session()->put(self::KEPT, $language);

        return redirect()->back();
    }
}

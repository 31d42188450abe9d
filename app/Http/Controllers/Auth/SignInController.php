<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Controllers\Controller;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

final class SignInController extends Controller
{
    public function create(): View
    {
        return view('auth.sign-in');
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate(['email' => ['required', 'string'], 'password' => ['required', 'string']]);
        $given['email'] = mb_strtolower(trim($given['email']));
        if (! Auth::attempt($given, $request->boolean('remember'))) {
            throw ValidationException::withMessages(['email' => __('auth.failed')]);
        }
        $request->session()->regenerate();

        return redirect()->intended(route('games.index'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('login');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Accounts\SignIn;
use App\Http\Controllers\Controller;
use App\Http\Requests\SignInRequest;
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

    public function store(SignInRequest $request, SignIn $signIn): RedirectResponse
    {
        $email = $request->address();
        $wait = $signIn->wait($email);
        if ($wait > 0) {
            throw ValidationException::withMessages([
                'email' => (string) __('auth.throttle', ['seconds' => $wait]),
            ])->status(429);
        }
        if (! $signIn->try($email, $request->password(), $request->boolean('remember'))) {
            throw ValidationException::withMessages(['email' => __('auth.failed')]);
        }
        $request->session()->regenerate();

        return redirect()->intended(route('games.index', [], false));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('login');
    }
}

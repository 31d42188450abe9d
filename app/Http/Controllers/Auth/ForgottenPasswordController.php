<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Controllers\Controller;
use App\Http\Field;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\View\View;

final class ForgottenPasswordController extends Controller
{
    public function create(): View
    {
        return view('auth.forgotten');
    }

    /** Says the same whether or not there is such an account. */
    public function store(Request $request): RedirectResponse
    {
        $request->validate(['email' => ['required', 'string', 'email']]);
        Password::sendResetLink(['email' => mb_strtolower(Field::text($request, 'email'))]);

        return back()->with('status', __('auth.letter_sent'));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Accounts\Letters;
use App\Http\Controllers\Controller;
use App\Http\Field;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class ForgottenPasswordController extends Controller
{
    public function create(): View
    {
        return view('auth.forgotten', ['canBeSent' => Letters::canBeSent()]);
    }

    /** Says the same whether or not there is such an account. */
    public function store(Request $request): RedirectResponse
    {
        abort_unless(Letters::canBeSent(), 404);
        $request->validate(['email' => ['required', 'string', 'email']]);
        Letters::forgotten(mb_strtolower(Field::text($request, 'email')));

        return back()->with('status', __('auth.letter_sent'));
    }
}

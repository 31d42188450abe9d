<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Accounts\Letters;
use App\Http\Controllers\Controller;
use App\Http\Requests\AddressRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

final class ForgottenPasswordController extends Controller
{
    public function create(): View
    {
        return view('auth.forgotten', ['canBeSent' => Letters::canBeSent()]);
    }

    /** Says the same whether or not there is such an account. */
    public function store(AddressRequest $request): RedirectResponse
    {
        abort_unless(Letters::canBeSent(), 404);
        Letters::forgotten($request->address());

        return back()->with('status', __('auth.letter_sent'));
    }
}

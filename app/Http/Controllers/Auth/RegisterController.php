<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Accounts\Letters;
use App\Accounts\SignIn;
use App\Http\Controllers\Controller;
use App\Http\Field;
use App\Http\Requests\AddressRequest;
use App\Http\Requests\RegisterRequest;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

/** An account in two steps: a letter to the address, and behind its link the name and the password. */
final class RegisterController extends Controller
{
    public function create(): View
    {
        return view('auth.register', ['canBeSent' => Letters::canBeSent()]);
    }

    /** Says the same whether or not there is such an account. */
    public function store(AddressRequest $request): RedirectResponse
    {
        abort_unless(Letters::canBeSent(), 404);
        Letters::welcome($request->address());

        return redirect()->route('register')->with('sent', $request->address());
    }

    public function finish(Request $request): View
    {
        return view('auth.finish', ['email' => Field::text($request, 'email'), 'address' => $request->getRequestUri()]);
    }

    public function make(RegisterRequest $request, SignIn $signIn): RedirectResponse
    {
        $email = $request->address();
        try {
            $teacher = User::query()->create(['email' => $email] + $request->safe(['name', 'password']));
        } catch (UniqueConstraintViolationException) {
            return redirect()->route('login')->with('status', __('auth.made_already'));
        }
        Auth::login($teacher);
        $signIn->know($email);
        $request->session()->regenerate();

        return redirect()->route('games.index');
    }
}

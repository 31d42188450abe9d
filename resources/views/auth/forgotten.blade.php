<x-layout.teacher title="Forgotten password" class="narrow">
    <h1>Forgotten password</h1>
    @if ($canBeSent)
        <p>Give the address of your account. A letter with a link lets you choose a new password.</p>
        <form method="post" action="{{ route('password.email') }}" class="form">
            @csrf
            <x-field name="email" label="E-mail" type="email" autocomplete="username" required autofocus/>
            <div class="form-end"><button class="button primary">Send the letter</button><a href="{{ route('login') }}">Back to sign in</a></div>
        </form>
    @else
        <p>{{ __('auth.no_letters') }} {{ __('auth.ask_for_help') }}</p>
        <p><a class="button" href="{{ route('login') }}">Back to sign in</a></p>
    @endif
</x-layout.teacher>

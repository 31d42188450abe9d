<x-layout.teacher title="Make an account" class="narrow">
    <h1>Make an account</h1>
    @if (! $canBeSent)
        <p>{{ __('auth.no_letters') }} {{ __('auth.invited') }}</p>
        <p><a class="button" href="{{ route('login') }}">Sign in</a></p>
    @elseif (session('sent'))
        <p role="status">{{ __('auth.letter_sent_to', ['email' => session('sent')]) }}</p>
        @if (App\Accounts\Letters::stayHere())<p><a class="button primary" href="{{ route('outbox') }}">Open the outbox</a></p>@endif
        <p class="aside">{{ __('auth.letter_lost') }} <a href="{{ route('register') }}">Type another address</a>.</p>
    @else
        <p>{{ __('auth.letter_first') }}</p>
        <form method="post" action="{{ route('register', [], false) }}" class="form">
            @csrf
            <x-field name="email" label="E-mail" type="email" autocomplete="username" required autofocus/>
            <div class="form-end"><button class="button primary">Send the letter</button><a href="{{ route('login') }}">I have an account</a></div>
        </form>
    @endif
</x-layout.teacher>

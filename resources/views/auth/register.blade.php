<x-layout.teacher :title="__('auth.register')" class="narrow">
    <h1>{{ __('auth.register') }}</h1>
    @if (! $canBeSent)
        <p>{{ __('auth.no_letters') }} {{ __('auth.invited') }}</p>
        <p><a class="button" href="{{ route('login') }}">{{ __('auth.sign_in') }}</a></p>
    @elseif (session('sent'))
        <p role="status">{{ __('auth.letter_sent_to', ['email' => session('sent')]) }}</p>
        @if (App\Accounts\Letters::stayHere())<p><a class="button primary" href="{{ route('outbox') }}">{{ __('auth.outbox.open') }}</a></p>@endif
        <p class="aside">{{ __('auth.letter_lost') }} <a href="{{ route('register') }}">{{ __('auth.another_address') }}</a>.</p>
    @else
        <p>{{ __('auth.letter_first') }}</p>
        <form method="post" action="{{ route('register', [], false) }}" class="form">
            @csrf
            <x-field name="email" :label="__('auth.email')" type="email" autocomplete="username" required autofocus/>
            <div class="form-end"><button class="button primary">{{ __('auth.send') }}</button><a href="{{ route('login') }}">{{ __('auth.have_account') }}</a></div>
        </form>
    @endif
</x-layout.teacher>

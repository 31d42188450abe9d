<x-layout.teacher :title="__('auth.forgotten')" class="narrow">
    <h1>{{ __('auth.forgotten') }}</h1>
    @if ($canBeSent)
        <p>{{ __('auth.forgotten_help') }}</p>
        <form method="post" action="{{ route('password.email') }}" class="form">
            @csrf
            <x-field name="email" :label="__('auth.email')" type="email" autocomplete="username" required autofocus/>
            <div class="form-end"><button class="button primary">{{ __('auth.send') }}</button><a href="{{ route('login') }}">{{ __('auth.back') }}</a></div>
        </form>
    @else
        <p>{{ __('auth.no_letters') }} {{ __('auth.ask_for_help') }}</p>
        <p><a class="button" href="{{ route('login') }}">{{ __('auth.back') }}</a></p>
    @endif
</x-layout.teacher>

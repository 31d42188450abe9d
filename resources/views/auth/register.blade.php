@use('App\Accounts\Letters')
<x-layout.teacher :title="__('auth.register')" width="max-w-[36rem]">
    <x-title>{{ __('auth.register') }}</x-title>
    @if (! $canBeSent)
        <p class="mb-3">{{ __('auth.no_letters') }} {{ __('auth.invited') }}</p>
        <p><a class="button" href="{{ route('login') }}">{{ __('auth.sign_in') }}</a></p>
    @elseif (session('sent'))
        <p class="mb-3" role="status">{{ __('auth.letter_sent_to', ['email' => session('sent')]) }}</p>
        @if (Letters::stayHere())
            <p><a class="button primary" href="{{ route('outbox') }}">{{ __('auth.outbox.open') }}</a></p>
        @endif
        <x-aside>
            {{ __('auth.letter_lost') }} <a href="{{ route('register') }}">{{ __('auth.another_address') }}</a>.
        </x-aside>
    @else
        <p class="mb-3">{{ __('auth.letter_first') }}</p>
        <x-form :action="route('register', [], false)">
            <x-field name="email" :label="__('auth.email')" type="email" autocomplete="username" required autofocus/>
            <x-form.end>
                <button class="button primary">{{ __('auth.send') }}</button>
                <a href="{{ route('login') }}">{{ __('auth.have_account') }}</a>
            </x-form.end>
        </x-form>
    @endif
</x-layout.teacher>

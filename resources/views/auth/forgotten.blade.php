<x-layout.teacher :title="__('auth.forgotten')" width="max-w-[36rem]">
    <x-title>{{ __('auth.forgotten') }}</x-title>
    @if ($canBeSent)
        <p class="mb-3">{{ __('auth.forgotten_help') }}</p>
        <x-form :action="route('password.email')">
            <x-field name="email" :label="__('auth.email')" type="email" autocomplete="username" required autofocus/>
            <x-form.end>
                <button class="button primary">{{ __('auth.send') }}</button>
                <a href="{{ route('login') }}">{{ __('auth.back') }}</a>
            </x-form.end>
        </x-form>
    @else
        <p class="mb-3">{{ __('auth.no_letters') }} {{ __('auth.ask_for_help') }}</p>
        <p><a class="button" href="{{ route('login') }}">{{ __('auth.back') }}</a></p>
    @endif
</x-layout.teacher>

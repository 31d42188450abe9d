<x-layout.teacher :title="__('auth.sign_in')" width="max-w-[36rem]">
    <x-title>{{ __('auth.sign_in') }}</x-title>
    <x-form :action="route('login')">
        <x-field name="email" :label="__('auth.email')" type="email" autocomplete="username" required autofocus/>
        <x-field name="password" :label="__('auth.password')" type="password" autocomplete="current-password" required/>
        <label class="tick"><input type="checkbox" name="remember" value="1"> {{ __('auth.keep') }}</label>
        <x-form.end>
            <button class="button primary">{{ __('auth.sign_in') }}</button>
            <a href="{{ route('password.request') }}">{{ __('auth.forgot') }}</a>
        </x-form.end>
    </x-form>
    <x-aside>
        {{ __('auth.new_here') }} <a href="{{ route('register') }}">{{ __('auth.register') }}</a>.
        {{ __('auth.students') }} <a href="/">{{ __('auth.join') }}</a>.
    </x-aside>
</x-layout.teacher>

<x-layout.teacher :title="__('auth.sign_in')" class="narrow">
    <h1>{{ __('auth.sign_in') }}</h1>
    <form method="post" action="{{ route('login') }}" class="form">
        @csrf
        <x-field name="email" :label="__('auth.email')" type="email" autocomplete="username" required autofocus/>
        <x-field name="password" :label="__('auth.password')" type="password" autocomplete="current-password" required/>
        <label class="tick"><input type="checkbox" name="remember" value="1"> {{ __('auth.keep') }}</label>
        <div class="form-end"><button class="button primary">{{ __('auth.sign_in') }}</button><a href="{{ route('password.request') }}">{{ __('auth.forgot') }}</a></div>
    </form>
    <p class="aside">{{ __('auth.new_here') }} <a href="{{ route('register') }}">{{ __('auth.register') }}</a>. {{ __('auth.students') }} <a href="/">{{ __('auth.join') }}</a>.</p>
</x-layout.teacher>

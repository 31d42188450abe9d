<x-layout.teacher :title="__('auth.register')" class="narrow">
    <h1>{{ __('auth.register') }}</h1>
    <p>{{ __('auth.for') }} <strong>{{ $email }}</strong></p>
    <form method="post" action="{{ request()->getRequestUri() }}" class="form">
        @csrf
        <x-field name="name" :label="__('auth.your_name')" autocomplete="name" required autofocus/>
        <x-field name="password" :label="__('auth.password')" type="password" autocomplete="new-password" required :help="__('auth.password_help')"/>
        <x-field name="password_confirmation" :label="__('auth.password_again')" type="password" autocomplete="new-password" required/>
        <div class="form-end"><button class="button primary">{{ __('auth.make') }}</button></div>
    </form>
</x-layout.teacher>

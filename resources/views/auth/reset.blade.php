<x-layout.teacher :title="__('auth.new_password')" class="narrow">
    <h1>{{ __('auth.new_password') }}</h1>
    <form method="post" action="{{ route('password.store') }}" class="form">
        @csrf
        <input type="hidden" name="token" value="{{ $token }}">
        <x-field name="email" :label="__('auth.email')" type="email" :value="$email" autocomplete="username" required/>
        <x-field name="password" :label="__('auth.password_new_label')" type="password" autocomplete="new-password" required :help="__('auth.password_help')"/>
        <x-field name="password_confirmation" :label="__('auth.password_again')" type="password" autocomplete="new-password" required/>
        <div class="form-end"><button class="button primary">{{ __('auth.set_password') }}</button></div>
    </form>
</x-layout.teacher>

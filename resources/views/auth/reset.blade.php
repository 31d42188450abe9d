<x-layout.teacher :title="__('auth.new_password')" width="max-w-[36rem]">
    <x-title>{{ __('auth.new_password') }}</x-title>
    <x-form :action="route('password.store')">
        <input type="hidden" name="token" value="{{ $token }}">
        <x-field name="email" :label="__('auth.email')" type="email" :value="$email" autocomplete="username" required/>
        <x-passwords :label="__('auth.password_new_label')"/>
        <x-form.end><button class="button primary">{{ __('auth.set_password') }}</button></x-form.end>
    </x-form>
</x-layout.teacher>

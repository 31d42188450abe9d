<x-layout.teacher :title="__('auth.register')" width="max-w-[36rem]">
    <x-title>{{ __('auth.register') }}</x-title>
    <p class="mb-3">{{ __('auth.for') }} <strong>{{ $email }}</strong></p>
    <x-form :action="$address">
        <x-field name="name" :label="__('auth.your_name')" autocomplete="name" required autofocus/>
        <x-passwords :label="__('auth.password')"/>
        <x-form.end><button class="button primary">{{ __('auth.make') }}</button></x-form.end>
    </x-form>
</x-layout.teacher>

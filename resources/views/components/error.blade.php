@props(['code', 'ways' => true])
<x-layout.base :title="__('errors.'.$code.'.title')" body="player">
    <x-layout.card>
        <h1>{{ __("errors.{$code}.title") }}</h1>
        <p>{{ __("errors.{$code}.words") }}</p>
        @if ($ways)
            <p class="flex flex-wrap gap-3">
                <a class="button" href="/games">{{ __('errors.games') }}</a>
                <a class="button" href="/">{{ __('errors.join') }}</a>
            </p>
        @endif
    </x-layout.card>
</x-layout.base>

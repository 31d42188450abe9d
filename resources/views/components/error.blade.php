@props(['code', 'ways' => true])
<x-layout.base :title="__('errors.'.$code.'.title')" body="player">
    <main class="join">
        <h1>{{ __("errors.{$code}.title") }}</h1>
        <p>{{ __("errors.{$code}.words") }}</p>
        @if ($ways)<p><a class="button" href="/games">{{ __('errors.games') }}</a> <a class="button" href="/">{{ __('errors.join') }}</a></p>@endif
    </main>
</x-layout.base>

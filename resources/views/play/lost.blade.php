<x-layout.base :title="__('play.nothing_changed')" body="player">
    <x-layout.card>
        <h1>{{ __('play.nothing_changed') }}</h1>
        <p>{{ $words }}</p>
        <p><a class="button primary" href="?">{{ __('play.to_game') }}</a></p>
    </x-layout.card>
</x-layout.base>

<x-layout.base :title="__('play.finish.wall')" body="player">
    <main class="mx-auto grid max-w-[60rem] gap-6 px-4 py-6">
        <p class="flex flex-wrap justify-between gap-4">
            <a href="/p/{{ $run->code }}">{{ __('play.to_game') }}</a>
            @if ($play->ended_at)
                <a href="/p/{{ $run->code }}/emblem">{{ __('play.finish.emblem') }}</a>
            @endif
        </p>
        <h1>{{ __('play.finish.wall') }}</h1>
        @if ($wall->emblems === [])
            <p>{{ __('play.finish.bare') }}</p>
        @endif
        @include('runs.wall-emblems')
    </main>
</x-layout.base>

<li class="strip group/strip relative grid items-center gap-x-6 gap-y-2.5 border-b-[1.5px] border-ink py-3.5
    sm:grid-cols-[240px_1fr_1fr]
    desk:grid-cols-[300px_minmax(12rem,1.5fr)_minmax(8rem,0.7fr)_minmax(9rem,0.8fr)_minmax(9rem,1fr)]">
    <a class="block max-w-[300px] rounded-board bg-card sm:row-span-2 desk:row-span-1"
        href="{{ route('games.show', $strip->game) }}" tabindex="-1"
        aria-hidden="true">@include('games.route-map', ['map' => $strip->map])</a>
    <div>
        <h2><a class="no-underline hover:underline" href="{{ route('games.show', $strip->game) }}">{{
            $strip->game->title
        }}</a></h2>
        @if ($strip->isRead)
            <p class="text-small text-quiet">{{ __('games.length', [
                'chapters' => $strip->chapters, 'scenes' => $strip->scenes, 'locks' => $strip->locks,
            ]) }}</p>
        @endif
        <x-strip-acts :game="$strip->game"/>
    </div>
    <div class="text-small text-quiet">
        @if ($strip->edition)
            <p class="caps">{{ __('games.edition', ['number' => $strip->edition->number]) }}</p>
            <p>{{ $strip->isAsEdition
                ? __('games.as_draft')
                : __('games.changed', ['when' => $strip->game->updated_at->diffForHumans()]) }}</p>
        @else
            <p class="caps">{{ __('games.draft') }}</p>
            <p>{{ __('games.never_opened') }}</p>
        @endif
    </div>
    <div class="flex items-center gap-2.5 text-small">
        <x-mark :verdict="$strip->mark()"/>
        <div>
            @if ($strip->findings->errors === [])
                <p>{{ __($strip->says()) }}</p>
            @endif
            @if ($strip->findings->toMend !== [])
                <p>{{ __('workshop.findings.countToMend', ['count' => count($strip->findings->toMend)]) }}</p>
            @endif
        </div>
    </div>
    <div class="strip-runs grid gap-2 text-small text-quiet">
        @forelse ($strip->runs->take(2) as $run)
            <p class="grid justify-items-start gap-0.5">
                <x-code :run="$run"/>
                <span>{{ $run->label }} · {{ __($run->isOpen() ? 'games.playing' : 'games.run_closed', [
                    'playing' => $run->playing_count, 'count' => $run->plays_count,
                ]) }}</span>
            </p>
        @empty
            <p>{{ __('games.no_run') }}</p>
        @endforelse
        @if ($strip->runs->count() > 2)
            <p><a href="{{ route('runs.index', $strip->game) }}">{{
                __('runs.all', ['count' => $strip->runs->count()])
            }}</a></p>
        @endif
    </div>
</li>

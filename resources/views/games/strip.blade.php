<li class="strip">
    <a class="strip-map" href="{{ route('games.show', $strip->game) }}" tabindex="-1" aria-hidden="true">@include('games.route-map', ['map' => $strip->map])</a>
    <div class="strip-title">
        <h2><a href="{{ route('games.show', $strip->game) }}">{{ $strip->game->title }}</a></h2>
        <p>{{ __('games.length', ['chapters' => $strip->chapters, 'scenes' => $strip->scenes, 'locks' => $strip->locks]) }}</p>
    </div>
    <div class="strip-state">
        @if ($strip->edition)
            <p class="caps">{{ __('games.edition', ['number' => $strip->edition->number]) }}</p>
            <p>{{ $strip->isAsEdition ? __('games.as_draft') : __('games.changed', ['when' => $strip->game->updated_at->diffForHumans()]) }}</p>
        @else
            <p class="caps">{{ __('games.draft') }}</p><p>{{ __('games.never_opened') }}</p>
        @endif
    </div>
    <div class="strip-check">
        @if ($strip->findings->errors !== [])
            <x-mark verdict="wrong"/><p>{{ __('workshop.findings.countToMend', ['count' => count($strip->findings->errors)]) }}</p>
        @elseif ($strip->findings->isProved)
            <x-mark verdict="open"/><p>{{ __('games.proved') }}</p>
        @else
            <x-mark verdict="almost"/><p>{{ __('games.unproved') }}</p>
        @endif
    </div>
    <div class="strip-runs">
        @forelse ($strip->runs->take(2) as $run)
            <p>
                <a class="{{ $run->isOpen() ? 'code' : 'code shut' }}" href="{{ route('runs.show', $run) }}" aria-label="{{ __('games.run', ['code' => $run->code, 'label' => $run->label]) }}">{{ $run->code }}</a>
                <span>{{ $run->label }} · {{ __($run->isOpen() ? 'games.playing' : 'games.run_closed', ['playing' => $run->playing_count, 'count' => $run->plays_count]) }}</span>
            </p>
        @empty
            <p class="quiet">{{ __('games.no_run') }}</p>
        @endforelse
    </div>
    <form method="post" action="{{ route('games.away', $strip->game) }}" class="strip-away">@csrf<input type="hidden" name="away" value="{{ $strip->game->archived_at ? 0 : 1 }}"><button class="link" aria-label="{{ __($strip->game->archived_at ? 'games.bring_back_one' : 'games.put_away_one', ['title' => $strip->game->title]) }}">{{ __($strip->game->archived_at ? 'games.bring_back' : 'games.put_it_away') }}</button></form>
</li>

<li class="strip">
    <a class="strip-map" href="{{ route('games.show', $strip->game) }}" tabindex="-1" aria-hidden="true">@include('games.route-map', ['map' => $strip->map])</a>
    <div class="strip-title">
        <h2><a href="{{ route('games.show', $strip->game) }}">{{ $strip->game->title }}</a></h2>
        <p>{{ $strip->chapters }} {{ Str::plural('chapter', $strip->chapters) }} · {{ $strip->scenes }} {{ Str::plural('scene', $strip->scenes) }} · {{ $strip->locks }} {{ Str::plural('lock', $strip->locks) }}</p>
    </div>
    <div class="strip-state">
        @if ($strip->edition)
            <p class="caps">Edition {{ $strip->edition->number }}</p>
            <p>{{ $strip->isAsEdition ? 'as in the draft' : 'draft changed '.$strip->game->updated_at->diffForHumans() }}</p>
        @else
            <p class="caps">Draft</p><p>never opened</p>
        @endif
    </div>
    <div class="strip-check">
        @if ($strip->findings->errors !== [])
            <x-mark verdict="wrong"/><p>{{ count($strip->findings->errors) }} to mend</p>
        @elseif ($strip->findings->isProved)
            <x-mark verdict="open"/><p>can be won, no trap</p>
        @else
            <x-mark verdict="almost"/><p>nothing found, not all ways looked at</p>
        @endif
    </div>
    <div class="strip-runs">
        @forelse ($strip->runs->take(2) as $run)
            <p>
                <a class="{{ $run->isOpen() ? 'code' : 'code shut' }}" href="{{ route('runs.show', $run) }}" aria-label="Run {{ $run->code }}, {{ $run->label }}">{{ $run->code }}</a>
                <span>{{ $run->label }} · {{ $run->isOpen() ? $run->playing_count.' of '.$run->plays_count.' playing now' : $run->plays_count.' '.Str::plural('play', $run->plays_count).', closed' }}</span>
            </p>
        @empty
            <p class="quiet">no run yet</p>
        @endforelse
    </div>
    <form method="post" action="{{ route('games.away', $strip->game) }}" class="strip-away">@csrf<input type="hidden" name="away" value="{{ $strip->game->archived_at ? 0 : 1 }}"><button class="link" aria-label="{{ $strip->game->archived_at ? 'Bring back' : 'Put away' }} {{ $strip->game->title }}">{{ $strip->game->archived_at ? 'bring back' : 'put away' }}</button></form>
</li>

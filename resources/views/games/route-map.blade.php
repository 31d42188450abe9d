<svg class="route-map" viewBox="0 0 300 84" aria-hidden="true" focusable="false">
    @foreach ($map->tracks as $track)
        <path d="{{ $track['path'] }}" class="track line-{{ $track['line'] }}"/>
    @endforeach
    @foreach ($map->stations as $station)
        @if ($station['ending'])
            <rect x="{{ $station['x'] - 2.5 }}" y="{{ $station['y'] - 9 }}" width="5" height="18" class="terminus"/>
        @else
            <circle cx="{{ $station['x'] }}" cy="{{ $station['y'] }}" r="{{ count($map->stations) > 40 ? 2.5 : 5 }}" class="station line-{{ $station['line'] }}"/>
        @endif
    @endforeach
</svg>

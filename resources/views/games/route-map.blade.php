<svg class="route-map block w-full {{ $size ?? 'h-auto' }} {{ $map->radius < 4 ? 'map-fine' : '' }}"
    viewBox="0 0 300 84" aria-hidden="true" focusable="false">
    @foreach ($map->tracks as $track)
        <path d="{{ $track['path'] }}" class="track line-{{ $track['line'] }}"/>
    @endforeach
    @foreach ($map->stations as $station)
        @if ($station['ending'])
            <rect x="{{ $station['x'] - $map->radius / 2 }}" y="{{ $station['y'] - 1.6 * $map->radius }}"
                width="{{ $map->radius }}" height="{{ 3.2 * $map->radius }}" class="terminus"/>
        @else
            <circle cx="{{ $station['x'] }}" cy="{{ $station['y'] }}" r="{{ $map->radius }}"
                class="station line-{{ $station['line'] }}"/>
        @endif
    @endforeach
</svg>

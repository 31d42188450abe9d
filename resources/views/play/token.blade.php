<li data-token="{{ $token['id'] }}"
    class="token flex min-h-[44px] items-center gap-2.5 rounded-board px-3.5 py-1.5">
    @if ($screen->edition->url($token['asset']))
        <img class="h-[34px]" src="{{ $screen->edition->url($token['asset']) }}" alt="">
    @endif
    @php($picture = $token['kind'] === 'clue' ? $screen->edition->url($token['asset']) : null)
    @if ($token['md'] !== '' || $picture !== null)
        <details>
            <summary class="flex min-h-[32px] items-center">{{ $token['name'] }}</summary>
            @if ($picture !== null)
                <img class="max-h-[60vh] max-w-88" src="{{ $picture }}"
                    alt="{{ $screen->edition->alt($token['asset']) }}">
            @endif
            @if ($token['md'] !== '')
                <div class="max-w-88 text-small">{!! $screen->html($token['md']) !!}</div>
            @endif
        </details>
    @else
        <span>{{ $token['name'] }}</span>
    @endif
</li>

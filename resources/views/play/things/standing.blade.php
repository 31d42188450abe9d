<dl class="standing grid gap-3">
    @foreach ($thing['bars'] as $bar)
        <div class="grid grid-cols-[minmax(7rem,10rem)_1fr] items-baseline gap-3.5">
            <dt {{ $screen->speaks() }}>{{ $bar['name'] }}</dt>
            <dd class="grid grid-cols-[minmax(4rem,1fr)_2.4rem] items-center gap-x-2.5 gap-y-0.5">
                <meter min="0" max="{{ max([1, ...array_column($thing['bars'], 'value')]) }}"
                    value="{{ max(0, $bar['value']) }}">{{ $bar['value'] }}</meter>
                {{ $bar['value'] }}
                @if ($bar['stands'] !== 'free')
                    <strong class="col-span-full text-small">{{ __("play.stands.{$bar['stands']}") }}</strong>
                @endif
            </dd>
        </div>
    @endforeach
</dl>

@php($most = max([1, ...array_column($thing['bars'], 'value')]))
<dl class="standing">
    @foreach ($thing['bars'] as $bar)<div><dt {{ $screen->speaks() }}>{{ $bar['name'] }}</dt><dd><meter min="0" max="{{ $most }}" value="{{ max(0, $bar['value']) }}">{{ $bar['value'] }}</meter> {{ $bar['value'] }}@if ($bar['stands'] !== 'free') <strong>{{ __("play.stands.{$bar['stands']}") }}</strong>@endif</dd></div>@endforeach
</dl>

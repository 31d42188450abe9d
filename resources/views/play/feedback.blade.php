@if ($turnHere?->verdict())
    <div class="said said-{{ $turnHere->verdict()['verdict'] }}" role="status">
        <x-mark :verdict="$turnHere->verdict()['verdict']"/>
        <div>
            <strong>{{ __('play.verdict.'.$turnHere->verdict()['verdict']) }}</strong>
            @forelse ($turnHere->said() as $said)
                <div {{ $screen->speaks() }}>{!! $said !!}</div>
            @empty
                <p>{{ __('play.neutral.'.$turnHere->verdict()['verdict']) }}</p>
            @endforelse
        </div>
    </div>
@elseif ($turnHere?->refusal())
    <p class="said said-refused" role="status">{{
        __('play.refused.'.$turnHere->refusal()['reason'], $turnHere->refusal()['arguments'])
    }}</p>
@endif

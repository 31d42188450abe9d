@if ($turnHere && $turnHere->verdict())
    @php($verdict = $turnHere->verdict()['verdict'])
    <div class="said said-{{ $verdict }}" role="status"><x-mark :verdict="$verdict"/><div><strong>{{ __('play.verdict.'.$verdict) }}</strong> @forelse ($turnHere->said() as $said)<div {{ $screen->speaks() }}>{!! $said !!}</div>@empty<p>{{ __('play.neutral.'.$verdict) }}</p>@endforelse</div></div>
@elseif ($turnHere && $turnHere->refusal())
    <p class="said said-refused" role="status">{{ __('play.refused.'.$turnHere->refusal()['reason'], $turnHere->refusal()['arguments']) }}</p>
@endif

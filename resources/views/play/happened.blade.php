{{-- What an action came to when it was sent without scripts; feedback to an answer in this scene stands at its lock. --}}
@php($verdict = $turn->verdict())
@php($refusal = $turn->refusal())
@unless (($verdict && isset($screen->things()[$verdict['lock']])) || ($refusal && $refusal['reason'] !== 'thing.absent' && isset($screen->things()[request('on')])))
    @if ($verdict || $turn->said() !== [] || $turn->given() !== [] || $refusal)
        <div class="happened" role="status">
            @if ($verdict)<p class="verdict verdict-{{ $verdict['verdict'] }}"><x-mark :verdict="$verdict['verdict']"/><strong>{{ __('play.verdict.'.$verdict['verdict']) }}</strong>@if ($turn->said() === []) {{ __('play.neutral.'.$verdict['verdict']) }}@endif</p>@endif
            @foreach ($turn->said() as $said)<div class="words" {{ $screen->speaks() }}>{!! $said !!}</div>@endforeach
            @foreach ($turn->given() as $name)<p class="gained"><x-icon name="backpack"/>{{ $name }}</p>@endforeach
            @if ($refusal)<p>{{ __('play.refused.'.$refusal['reason'], $refusal['arguments']) }}</p>@endif
        </div>
    @endif
@endunless

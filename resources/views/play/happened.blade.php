{{-- What an action came to when it was sent without scripts; feedback to an answer here stands at its lock. --}}
<div class="happened on-card mb-3.5 grid gap-1.5 rounded-board border-l-8 border-lamp px-4.5 py-3.5" role="status">
    @if ($turn->verdict())
        <p class="flex items-center gap-2.5">
            <x-mark :verdict="$turn->verdict()['verdict']"/>
            <strong>{{ __('play.verdict.'.$turn->verdict()['verdict']) }}</strong>
            {{ $turn->said() === [] ? __('play.neutral.'.$turn->verdict()['verdict']) : '' }}
        </p>
    @endif
    @foreach ($turn->said() as $said)
        <div class="words" {{ $screen->speaks() }}>{!! $said !!}</div>
    @endforeach
    @foreach ($turn->given() as $name)
        <p class="gained"><x-icon name="backpack"/>{{ $name }}</p>
    @endforeach
    @if ($turn->refusal())
        <p>{{ __('play.refused.'.$turn->refusal()['reason'], $turn->refusal()['arguments']) }}</p>
    @endif
</div>

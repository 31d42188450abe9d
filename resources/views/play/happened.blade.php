{{-- What an action came to when it was sent without scripts; feedback to an answer here stands at its lock. --}}
<div class="happened on-card mb-3.5 grid gap-1.5 rounded-board border-l-8 border-lamp px-4.5 py-3.5" role="status">
    @if ($turn->verdict())
        @include('play.verdict', ['verdict' => $turn->verdict(), 'said' => $turn->said(), 'isInside' => true])
    @else
        @foreach ($turn->said() as $said)
            <div class="words" {{ $screen->speaks() }}>{!! $said !!}</div>
        @endforeach
    @endif
    @foreach ($turn->given() as $name)
        <p class="gained"><x-icon name="backpack"/>{{ $name }}</p>
    @endforeach
    @if ($turn->refusal())
        <p>{{ $turn->refusedWords() }}</p>
    @endif
</div>

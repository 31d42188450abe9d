{{-- What an answer came to: its mark where it has one, the verdict in a word, and what is said of it. --}}
<div @class(["said said-{$verdict['verdict']}", 'said-inside' => $isInside ?? false])
    @unless ($isInside ?? false) role="status" @endunless>
    @if ($screen->voice->isMarked($verdict['lock'], $verdict['verdict']))
        <x-mark :verdict="$verdict['verdict'] === 'round' ? 'open' : $verdict['verdict']"/>
    @endif
    <div>
        @if ($screen->voice->head($verdict['lock'], $verdict['verdict'], $said) !== '')
            <strong>{{ $screen->voice->head($verdict['lock'], $verdict['verdict'], $said) }}</strong>
        @endif
        @forelse ($said as $words)
            <div {{ $screen->speaks() }}>{!! $words !!}</div>
        @empty
            <p>{{ $turn->wordsUnsaid() }}</p>
        @endforelse
    </div>
</div>

<x-layout.teacher title="Your games" page="shelf">
    <div class="shelf-head">
        <h1>{{ $showsAway ? 'Games put away' : 'Your games' }}</h1>
        <form method="get" action="{{ route('games.index') }}" class="seek" role="search">
            <x-icon name="search"/>
            <label class="hidden-words" for="seek">Search your games</label>
            <input id="seek" name="seek" type="search" value="{{ $sought }}" placeholder="title, question, answer, token …">
        </form>
        <a class="button primary" href="{{ route('games.create') }}"><x-icon name="plus"/>New game</a>
    </div>
    @if ($strips->isEmpty())
        @if ($sought !== '')
            <p class="empty">No game of yours says “{{ $sought }}”. <a href="{{ route('games.index') }}">Show all games</a></p>
        @else
            <div class="empty">
                <p>Your shelf is empty. The quickest first game: questions and answers you already have.</p>
                <a class="button primary" href="{{ route('worksheet.create') }}?sample=1"><x-icon name="table"/>Make one from a sample worksheet</a>
            </div>
        @endif
    @else
        <ul class="strips">
            @foreach ($strips as $strip)
                @include('games.strip')
            @endforeach
        </ul>
    @endif
    @if ($showsAway)
        <p class="shelf-foot"><a href="{{ route('games.index') }}">Back to the shelf</a></p>
    @elseif ($away > 0)
        <p class="shelf-foot">{{ $away }} {{ Str::plural('game', $away) }} put away · <a href="{{ route('games.index', ['away' => 1]) }}">show</a></p>
    @endif
</x-layout.teacher>

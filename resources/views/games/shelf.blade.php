<x-layout.teacher :title="__('games.yours')" page="shelf">
    <div class="shelf-head">
        <h1>{{ __($showsAway ? 'games.away' : 'games.yours') }}</h1>
        <form method="get" action="{{ route('games.index') }}" class="seek" role="search">
            <x-icon name="search"/>
            <label class="hidden-words" for="seek">{{ __('games.search') }}</label>
            <input id="seek" name="seek" type="search" value="{{ $sought }}" placeholder="{{ __('games.search_hint') }}">
        </form>
        <a class="button primary" href="{{ route('games.create') }}"><x-icon name="plus"/>{{ __('games.new') }}</a>
    </div>
    @if ($strips->isEmpty())
        @if ($sought !== '')
            <p class="empty">{{ __('games.none_found', ['sought' => $sought]) }} <a href="{{ route('games.index') }}">{{ __('games.show_all') }}</a></p>
        @else
            <div class="empty">
                <p>{{ __('games.empty') }}</p>
                <a class="button primary" href="{{ route('worksheet.create') }}?sample=1"><x-icon name="table"/>{{ __('games.from_sample') }}</a>
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
        <p class="shelf-foot"><a href="{{ route('games.index') }}">{{ __('games.back') }}</a></p>
    @elseif ($away > 0)
        <p class="shelf-foot">{{ __('games.away_count', ['count' => $away]) }} · <a href="{{ route('games.index', ['away' => 1]) }}">{{ __('games.show') }}</a></p>
    @endif
</x-layout.teacher>

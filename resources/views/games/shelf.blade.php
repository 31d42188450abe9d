<x-layout.teacher :title="__('games.yours')" page="shelf">
    <div class="flex flex-wrap items-center gap-6 border-b-[1.5px] border-ink pb-5">
        <h1 class="min-w-56 flex-1 text-[2.6rem]">{{ __($showsAway ? 'games.away' : 'games.yours') }}</h1>
        <form method="get" action="{{ route('games.index') }}" role="search"
            class="flex w-[19rem] max-w-full items-center gap-2 border-b-[1.5px] border-ink">
            <x-icon name="search"/>
            <label class="hidden-words" for="seek">{{ __('games.search') }}</label>
            <input id="seek" name="seek" type="search" value="{{ $sought }}" placeholder="{{ __('games.search_hint') }}"
                class="border-0 bg-transparent px-1">
        </form>
        <a class="button primary" href="{{ route('games.create') }}"><x-icon name="plus"/>{{ __('games.new') }}</a>
    </div>
    @if ($strips->isNotEmpty())
        <ul>
            @foreach ($strips as $strip)
                @include('games.strip')
            @endforeach
        </ul>
        <x-pages :of="$strips"/>
    @elseif ($sought !== '')
        <p class="py-10">
            {{ __('games.none_found', ['sought' => $sought]) }}
            <a href="{{ route('games.index') }}">{{ __('games.show_all') }}</a>
        </p>
    @elseif (! $showsAway)
        <div class="grid justify-items-start gap-4.5 py-10">
            <p>{{ __('games.empty') }}</p>
            <a class="button primary" href="{{ route('worksheet.create') }}?sample=1">
                <x-icon name="table"/>{{ __('games.from_sample') }}
            </a>
        </div>
    @endif
    @if ($showsAway)
        <p class="pt-4 text-quiet"><a href="{{ route('games.index') }}">{{ __('games.back') }}</a></p>
    @elseif ($away > 0)
        <p class="pt-4 text-quiet">
            {{ __('games.away_count', ['count' => $away]) }} ·
            <a href="{{ route('games.index', ['away' => 1]) }}">{{ __('games.show') }}</a>
        </p>
    @endif
</x-layout.teacher>

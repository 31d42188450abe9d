<x-layout.teacher :title="__('games.key.titled', ['title' => $game->title])" width="max-w-[60rem]">
    <div class="mb-5 flex flex-wrap items-end justify-between gap-6 border-b-[1.5px] border-ink pb-3">
        <div>
            <p class="caps">{{ __('games.key.title') }}</p>
            <h1 class="text-[2rem]" {{ $speaks }}>{{ $game->title }}</h1>
            @if ($key->minutes > 0)
                <p class="text-quiet">{{ __('games.key.minutes', ['count' => $key->minutes]) }}</p>
            @endif
        </div>
        <p class="print:hidden">{{ __('games.key.help') }}</p>
    </div>
    @foreach ($key->chapters as $chapter)
        <section class="mb-7">
            @if ($chapter['title'] !== '')
                <h2 class="mb-2 flex justify-between gap-4 border-b-3 border-ink text-sign">
                    <span {{ $speaks }}>{{ $chapter['title'] }}</span>
                    @if ($chapter['minutes'] > 0)
                        <span class="text-small font-normal">{{
                            __('games.key.about', ['count' => $chapter['minutes']])
                        }}</span>
                    @endif
                </h2>
            @endif
            @foreach ($chapter['scenes'] as $scene)
                @include('games.key-scene')
            @endforeach
        </section>
    @endforeach
</x-layout.teacher>

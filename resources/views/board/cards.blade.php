@use('App\View\Board')
{{-- To print, cut and fold: each cover with its back beside it. --}}
<x-layout.teacher :title="__('games.cards.titled', ['title' => $game->title])" width="max-w-[60rem]">
    <div class="mb-4 flex flex-wrap items-baseline justify-between gap-4 print:hidden">
        <div>
            <x-title :under="$game->title" :href="route('games.show', $game)">{{ __('games.cards.title') }}</x-title>
        </div>
        <p class="text-quiet">{{ __('games.cards.help') }}</p>
    </div>
    @forelse ($board->pages as ['screen' => $screen, 'things' => $things])
        <section class="mb-8 break-inside-avoid-page">
            <h2 class="mb-3 text-sign" {{ $screen->speaks() }}>{{ $screen->title() }}</h2>
            <ul class="grid gap-0 sm:grid-cols-2 print:grid-cols-2">
                @foreach (Board::cards($things) as $sides)
                    <li class="grid break-inside-avoid grid-cols-2 border border-dashed border-ink"
                        {{ $screen->speaks() }}>
                        @foreach ($sides as $side)
                            <div class="grid min-h-32 place-content-center gap-2 border-dotted border-quiet p-3
                                text-center odd:border-r">
                                @if ($screen->edition->url($side['asset']))
                                    <img class="h-28 w-full object-contain"
                                        src="{{ $screen->edition->url($side['asset']) }}"
                                        alt="{{ $screen->edition->alt($side['asset']) }}">
                                @endif
                                <div class="words">{!! $screen->html($side['md']) !!}</div>
                            </div>
                        @endforeach
                    </li>
                @endforeach
            </ul>
        </section>
    @empty
        <p>{{ __('games.board.empty') }}</p>
    @endforelse
</x-layout.teacher>

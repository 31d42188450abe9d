{{-- To print: the grid with the number of a question and the letter of a colour in each cell; questions; the key. --}}
<x-layout.teacher :title="__('games.mosaic.titled', ['title' => $game->title])" width="max-w-[60rem]">
    <div class="mb-4 flex flex-wrap items-baseline justify-between gap-4 print:hidden">
        <div>
            <x-title :under="$game->title" :href="route('games.show', $game)">{{ __('games.mosaic.title') }}</x-title>
        </div>
        <p class="flex flex-wrap gap-2">
            @foreach (['svg', 'png'] as $form)
                <a class="button" href="{{ route('games.mosaic.picture', [$game, $sheet->id, $form]) }}"
                    download><x-icon name="download"/>{{ __("games.mosaic.{$form}") }}</a>
            @endforeach
        </p>
    </div>
    <section class="mb-6 break-after-page" {{ $speaks }}>
        <p class="mb-3">{{ __('games.mosaic.help') }}</p>
        <svg class="w-full" viewBox="0 0 {{ $sheet->columns * 10 }} {{ $sheet->rows * 10 }}" role="img"
            aria-label="{{ __('games.mosaic.grid') }}">
            @foreach ($sheet->marks as $cell => $mark)
                <g transform="translate({{ ($cell % $sheet->columns) * 10 }} {{
                    intdiv($cell, $sheet->columns) * 10
                }})"><rect width="10" height="10" fill="none" stroke="#000000" stroke-width="0.3"/><text x="5" y="6.3"
                    font-size="3.6" text-anchor="middle">{{ $mark }}</text></g>
            @endforeach
        </svg>
    </section>
    <section class="mb-6 break-after-page" {{ $speaks }}>
        <h2 class="mb-3 text-sign">{{ __('games.mosaic.questions') }}</h2>
        <ol class="grid gap-3">
            @foreach ($sheet->questions as $number => $question)
                <li class="break-inside-avoid"><strong>{{ $number + 1 }}.</strong> {{ $question['ask'] }}
                    <span class="block border-b border-dotted border-quiet pt-6"></span></li>
            @endforeach
        </ol>
    </section>
    <section {{ $speaks }}>
        <h2 class="mb-3 text-sign">{{ __('games.mosaic.key') }}</h2>
        <ol class="mb-4 grid gap-1">
            @foreach ($sheet->questions as $number => $question)
                <li><strong>{{ $number + 1 }}.</strong> {{ $question['answer'] }}</li>
            @endforeach
        </ol>
        <ul class="flex flex-wrap gap-4">
            @foreach ($sheet->colours as $sign => $colour)
                <li class="flex items-center gap-2"><svg class="size-6" viewBox="0 0 1 1" aria-hidden="true"><rect
                    width="1" height="1" fill="{{ $colour }}"/></svg>{{ $sign }}</li>
            @endforeach
        </ul>
    </section>
</x-layout.teacher>

<x-layout.base :title="__('play.receipt.title')" body="player receipt">
    <main class="mx-auto max-w-[46rem] px-5 py-6">
        <p class="mb-4 print:hidden"><a href="{{ $address }}">{{ __('play.receipt.back') }}</a></p>
        <div class="on-card rounded-board p-6">
            <p class="caps">{{ __('play.receipt.title') }}</p>
            <h1 class="text-[1.9rem]" {{ $screen->speaks() }}>{{ $screen->edition->game->title() }}</h1>
            <p class="mb-4 border-b-[1.5px] border-ink pb-3">{{ $player }}</p>
            @forelse ($receipt->lines as $line)
                <section class="mb-4 break-inside-avoid">
                    <h2 class="text-lead" {{ $screen->speaks() }}>{{ $line['label'] }}</h2>
                    <div class="words" {{ $screen->speaks() }}>{!! $line['ask'] !!}</div>
                    <p class="own-answer mt-1 border-l-4 border-moss pl-3.5 font-[650]" {{ $screen->speaks() }}>{!!
                        $line['answer']
                    !!}</p>
                    @if ($mark = $marks->get($line['lock']))
                        <p class="mt-1"><strong>{{ __('play.receipt.teacher') }}</strong>
                            {{ implode(': ', array_filter([
                                $mark->mark ? __("play.receipt.marks.{$mark->mark}") : '', $mark->words,
                            ])) }}</p>
                    @endif
                    @if ($line['said'] !== '')
                        <div class="words text-quiet" {{ $screen->speaks() }}>{!! $line['said'] !!}</div>
                    @endif
                </section>
            @empty
                <p>{{ __('play.receipt.empty') }}</p>
            @endforelse
        </div>
        <p class="mt-4 text-small print:hidden">{{ __('play.receipt.print') }}</p>
    </main>
</x-layout.base>

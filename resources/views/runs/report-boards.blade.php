{{-- How find-it boards went, and what was taken for what. --}}
@foreach ($report->boards as $one)
    <section class="mt-8" aria-labelledby="board-{{ $one->board->id }}">
        <h2 class="text-sign" id="board-{{ $one->board->id }}">{{ $report->board($one) }}</h2>
        <p class="text-note text-quiet">{{ $report->called($one->scene) }} · {{ __('report.finding.kind') }}</p>
        <p class="mt-1">{{ __('report.finding.done', ['done' => $one->done, 'played' => $one->played]) }}
            @if ($one->wrong)
                {{ __('report.finding.wrong', [
                    'median' => round($one->wrong->median), 'low' => round($one->wrong->low),
                    'high' => round($one->wrong->high),
                ]) }}
            @endif
        </p>
        @if ($one->mistaken !== [])
            <ul class="mt-2 grid gap-1">
                @foreach (array_slice($one->mistaken, 0, 8) as $pair)
                    <li><strong>{{ $pair['plays'] }}</strong> {{ __('report.finding.mistook', [
                        'count' => $pair['plays'],
                        'asked' => $report->asked($one->board, $pair['asked']),
                        'picked' => $report->box($one->board, $pair['picked']),
                    ]) }}</li>
                @endforeach
            </ul>
        @endif
    </section>
@endforeach

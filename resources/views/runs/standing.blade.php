@use('App\View\Moment')
@use('App\View\RunStanding')
<div hidden data-plays="{{ json_encode($standing->pennants()) }}"></div>
@php($waiting = App\View\WrittenTexts::waiting($run))
@if ($waiting > 0)
    <p class="run-need notice mb-4"><strong>{{ __('texts.waiting', ['count' => $waiting]) }}</strong>
        <a class="button" href="{{ route('runs.texts', $run) }}">{{ __('texts.read') }}</a></p>
@endif
@if ($run->isOpen() && $standing->rows !== [])
    @include('runs.need')
@endif
<div class="run-list">
<p class="mb-2 text-[1.1rem]">{{ __('runs.standing.sum', [
    'joined' => count($standing->rows), 'finished' => $standing->finished(),
]) }}</p>
@if ($standing->rows === [])
    <p class="py-10">{{ __('runs.standing.nobody') }}</p>
@else
    <table class="ledger w-full text-[0.98rem]">
        <thead class="max-sm:sr-only">
            <tr>
                <x-ledger.head>{{ __('runs.columns.name') }}</x-ledger.head>
                @if ($standing->asksGroup)
                    <x-ledger.head>{{ __('runs.columns.group') }}</x-ledger.head>
                @endif
                <x-ledger.head>{{ __('runs.standing.where') }}</x-ledger.head>
                <x-ledger.head number>{{ __('runs.columns.open') }}</x-ledger.head>
                <x-ledger.head number>{{ __('runs.columns.tries') }}</x-ledger.head>
                <x-ledger.head number>{{ __('runs.columns.time') }}</x-ledger.head>
                <x-ledger.head>{{ __('runs.standing.finished', ['zone' => Moment::zoneName()]) }}</x-ledger.head>
                <x-ledger.head>{{ __('runs.standing.words') }}</x-ledger.head>
            </tr>
        </thead>
        {{-- Plain cells: forty rows of components would cost more than all the rest. --}}
        <tbody>
            @foreach ($standing->rows as $row)
                <tr data-play="{{ $row['id'] }}" data-seq="{{ $row['seq'] }}" data-worth="{{ $row['worth'] }}"
                    data-stuck="{{ (int) ($row['isStuck'] || $row['guesses'] !== null) }}"
                    class="border-b border-line max-sm:grid max-sm:grid-cols-[1fr_auto_auto] max-sm:gap-x-3.5
                    max-sm:py-2">
                    <th scope="row" class="py-2 pr-3 text-left font-[650] max-sm:py-0.5"><a
                        href="{{ route('runs.play', [$run, $row['id']]) }}">{{ $row['name'] }}</a></th>
                    @if ($standing->asksGroup)
                        <td class="py-2 pr-3 max-sm:py-0.5">{{ $row['group'] }}</td>
                    @endif
                    <td class="py-2 pr-3 max-sm:py-0.5">
                        <span data-part="where">{{ $row['where'] }}</span>
                        @if ($row['ended'] === null && $row['quiet'] > 180 && $run->isOpen())
                            <span class="text-quiet">{{
                                __('runs.standing.quiet', ['minutes' => intdiv($row['quiet'], 60)])
                            }}</span>
                        @endif
                        @if ($row['called'] !== null)
                            <span class="called"><x-icon name="hand"/>{{ __('help.calls') }}</span>
                        @endif
                        @if ($row['guesses'] !== null)
                            <span class="guesses inline-block rounded-board border-[1.5px] border-signal px-1.5
                                text-note
                                whitespace-nowrap">{{ __('runs.guesses', ['lock' => $row['guesses']]) }}</span>
                        @endif
                    </td>
                    <td class="py-2 pr-7 text-right font-code max-sm:py-0.5 max-sm:pr-0"><span data-part="open">{{
                        $row['open']
                    }}</span><span class="text-quiet"> / {{ $standing->locks }}</span></td>
                    <td class="py-2 pr-7 text-right font-code max-sm:py-0.5 max-sm:pr-0" data-part="tries">{{
                        $row['tries']
                    }}</td>
                    <td class="py-2 pr-7 text-right font-code max-sm:py-0.5 max-sm:pr-0"
                        @if ($row['ended'] === null && $run->isOpen() && ! $run->paused_at)
                            data-runs="{{ $row['seconds'] }}"
                        @endif>{{ RunStanding::clock($row['seconds'])
                    }}</td>
                    <td class="py-2 pr-3 max-sm:py-0.5">
                        @if ($row['ended'])
                            <x-mark :verdict="$row['ended'] === 'lost' ? 'wrong' : 'open'"/>
                            {{ __('runs.ended.'.$row['ended']) }}
                            @if ($row['finishedAt'])
                                <time class="text-quiet" datetime="{{ gmdate('c', $row['finishedAt']) }}">{{
                                    Moment::time($row['finishedAt'])
                                }}</time>
                            @endif
                        @else
                            <span class="text-quiet">{{
                                __($run->isOpen() ? 'runs.standing.playing' : 'runs.standing.unfinished')
                            }}</span>
                        @endif
                    </td>
                    <td class="py-2 pr-3 max-sm:py-0.5"><span class="text-quiet">{{ $row['words'] }}</span></td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
</div>

@use('App\View\Moment')
<x-layout.teacher :title="__('runs.list').' · '.$game->title">
    <x-title :under="$game->title" :href="route('games.show', $game)">{{ __('runs.list') }}</x-title>
    <table class="w-full">
        <thead class="max-sm:sr-only">
            <tr>
                <x-ledger.head>{{ __('runs.code') }}</x-ledger.head>
                <x-ledger.head>{{ __('runs.new.whom') }}</x-ledger.head>
                <x-ledger.head>{{ __('runs.opened') }}</x-ledger.head>
                <x-ledger.head>{{ __('report.title') }}</x-ledger.head>
            </tr>
        </thead>
        <tbody>
            @foreach ($runs as $run)
                <tr class="border-b border-line max-sm:grid max-sm:grid-cols-2 max-sm:py-2">
                    <x-ledger.cell><x-code :run="$run"/></x-ledger.cell>
                    <x-ledger.cell>
                        <strong>{{ $run->label }}</strong>
                        <span class="block text-note text-quiet">{{
                            __('games.edition', ['number' => $run->edition->number])
                        }} · {{ __('runs.states.'.match (true) {
                            $run->isClosed() => 'closed', $run->isEarly() => 'early', default => 'open',
                        }) }}</span>
                    </x-ledger.cell>
                    <x-ledger.cell>{{ Moment::day($run->created_at) }}</x-ledger.cell>
                    <x-ledger.cell><a href="{{ route('runs.report', $run) }}">{{ __('runs.standing.sum', [
                        'joined' => $run->plays_count, 'finished' => $run->finished_count,
                    ]) }}</a></x-ledger.cell>
                </tr>
            @endforeach
        </tbody>
    </table>
    <x-pages :of="$runs"/>
    <p class="mt-6"><a class="button primary" href="{{ route('runs.create', $game) }}">{{
        __('runs.new.title')
    }}</a></p>
</x-layout.teacher>

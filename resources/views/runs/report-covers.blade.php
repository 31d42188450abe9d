{{-- Covers, board by board: who lifted them, and how the guesses went. --}}
@foreach (collect($report->covers)->groupBy('scene') as $scene => $covers)
    <section class="mt-8" aria-labelledby="covers-{{ $scene }}">
        <h2 class="text-sign" id="covers-{{ $scene }}">{{ $report->called($scene) }}</h2>
        <p class="text-note text-quiet">{{ __('report.covers.kind') }}</p>
        <table class="w-full max-w-[46rem]">
            <thead>
                <tr>
                    <x-ledger.head>{{ __('report.covers.cover') }}</x-ledger.head>
                    <x-ledger.head>{{ __('report.covers.lifted') }}</x-ledger.head>
                    @if ($covers->contains(fn ($one) => $one->cover->asksFirst()))
                        <x-ledger.head number>{{ __('report.covers.right') }}</x-ledger.head>
                        <x-ledger.head number>{{ __('report.covers.wrong') }}</x-ledger.head>
                    @endif
                </tr>
            </thead>
            <tbody>
                @foreach ($covers as $one)
                    <tr class="border-b border-line">
                        <th scope="row" class="py-1.5 pr-3 text-left font-normal">{{
                            $report->called($one->cover->id)
                        }}</th>
                        <td class="py-1.5 pr-3"><x-share :part="$one->lifted" :of="$one->seen"/></td>
                        @if ($covers->contains(fn ($other) => $other->cover->asksFirst()))
                            <td class="py-1.5 pr-4 text-right font-code">{{ $one->right }}</td>
                            <td class="py-1.5 pr-4 text-right font-code">{{ $one->wrong }}</td>
                        @endif
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
@endforeach

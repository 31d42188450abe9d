@use('App\View\RunStanding')
<tr @class([
    'border-b border-line max-sm:grid max-sm:grid-cols-2 max-sm:gap-x-3.5 max-sm:py-2',
    'bg-sand' => $isChosen,
])>
    <th scope="row" class="py-2.5 pr-3 pl-2 text-left font-normal max-sm:col-span-2 max-sm:py-0.5">
        <a class="font-[650]" href="{{ route('runs.report', [$run, 'lock' => $one->lock->id]) }}#answers"
            @if ($isChosen) aria-current="true" @endif>{{ $report->name($one) }}</a>
        <span class="block text-note text-quiet">{{ $report->scene($one) }} · {{ $report->kind($one) }}</span>
    </th>
    <td class="py-2.5 pr-3 max-sm:col-span-2 max-sm:py-0.5 max-sm:pl-2">
        <x-share :part="$one->firstTry" :of="$one->tried" :low="$one->tried > 0 && $one->rate() < 0.5"
            class="max-sm:[&_svg]:w-44"/>
    </td>
    @foreach ([
        'tries' => [$one->tries, static fn (float $value): string => (string) round($value, 1)],
        'time' => [$one->seconds, static fn (float $value): string => RunStanding::clock((int) round($value))],
    ] as $column => [$spread, $words])
        <td class="py-2.5 pr-4 text-right font-code whitespace-nowrap max-sm:py-0.5 max-sm:pl-2 max-sm:text-left">
            <span class="font-read text-note text-quiet sm:hidden">{{ __("report.columns.{$column}") }}:</span>
            @if ($spread)
                <span title="{{ __('report.spread', [
                    'low' => $words($spread->low), 'high' => $words($spread->high),
                ]) }}">{{ $words($spread->median) }}</span>
                <span class="block text-[0.75rem] text-quiet">{{
                    $words($spread->low)
                }}–{{ $words($spread->high) }}</span>
            @else
                –
            @endif
        </td>
    @endforeach
    @foreach (['hints' => $one->hinted, 'left' => $one->left] as $column => $count)
        <td class="py-2.5 pr-4 text-right font-code whitespace-nowrap max-sm:py-0.5 max-sm:pl-2 max-sm:text-left">
            <span class="font-read text-note text-quiet sm:hidden">{{ __("report.columns.{$column}") }}:</span>
            {{ $count }}
        </td>
    @endforeach
</tr>

@use('App\View\Moment')
@use('App\View\RunStanding')
<x-layout.teacher :title="__('report.compare.title').' · '.$run->game->title" width="max-w-[92rem]">
    @include('runs.views', ['here' => 'compare'])
    <h1 class="hidden-words">{{ __('report.compare.title') }}</h1>
    @if (count($comparison->runs) + count($comparison->waiting) < 2)
        <p class="mb-4">{{ __('report.compare.alone') }}</p>
    @endif
    @foreach ($comparison->waiting as $one)
        <p class="mb-4"><a class="inline-flex min-h-[44px] items-center" href="{{ route('runs.report', $one) }}">{{
            __('report.compare.waiting', ['run' => $one->label ?: $one->code])
        }}</a></p>
    @endforeach
    @if ($comparison->runs !== [])
        <div class="overflow-x-auto">
            <table class="w-full">
                <thead>
                    <tr>
                        <x-ledger.head>{{ __('report.columns.lock') }}</x-ledger.head>
                        @foreach ($comparison->runs as $one)
                            <x-ledger.head>
                                <a href="{{ route('runs.report', $one['run']) }}">{{ $one['run']->label }}</a>
                                <span class="block text-note font-normal text-quiet normal-case">
                                    {{ $one['run']->code }} · {{
                                        __('games.edition', ['number' => $one['run']->edition->number])
                                    }} · {{ Moment::day($one['run']->created_at) }}<br>
                                    {{ $one['finished'] }} / {{ $one['joined'] }}
                                    @if ($one['median'])
                                        · {{ $one['median'] }}
                                    @endif
                                </span>
                            </x-ledger.head>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($comparison->locks as $lock)
                        <tr class="border-b border-line align-top">
                            <th scope="row" class="py-2.5 pr-3 text-left font-[650]">{{ $lock['name'] }}</th>
                            @foreach ($lock['of'] as $report)
                                <x-ledger.cell>
                                    @if ($report === null)
                                        <span class="text-quiet">–</span>
                                    @else
                                        <x-share :part="$report->firstTry" :of="$report->tried"
                                            :low="$report->rate() < 0.5"/>
                                        @if ($report->seconds)
                                            <span class="font-code text-note text-quiet">{{
                                                RunStanding::clock((int) round($report->seconds->median))
                                            }}</span>
                                        @endif
                                    @endif
                                </x-ledger.cell>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <p class="mt-3 text-note text-quiet">{{ __('report.compare.help') }}</p>
    @endif
</x-layout.teacher>

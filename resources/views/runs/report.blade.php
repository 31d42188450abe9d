<x-layout.teacher :title="__('report.title').' · '.$run->game->title" width="max-w-[92rem]">
    @include('runs.views', ['here' => 'title'])
    <h1 class="hidden-words">{{ __('report.title') }}</h1>
    @php($sums = $report->sums())
    <dl class="mb-5 flex flex-wrap gap-x-10 gap-y-2">
        @foreach ([
            [$sums['finished'], __('report.of', ['joined' => $sums['joined']])],
            [$sums['median'], __('report.median')],
            [$sums['rate'] === null ? null : $sums['rate'].' %', __('report.rate')],
        ] as [$number, $words])
            @if ($number !== null)
                <div class="flex flex-row-reverse items-baseline justify-end gap-2.5">
                    <dt>{{ $words }}</dt>
                    <dd class="font-title text-[2.4rem] leading-none font-bold">{{ $number }}</dd>
                </div>
            @endif
        @endforeach
    </dl>
    @if ($at !== null)
        <p class="mb-4 text-quiet">{{ __('report.making.from', ['time' => App\View\Moment::of($at)]) }}</p>
    @endif
    @if ($report->joined === 0)
        <p class="py-8">{{ __('report.nobody') }}</p>
    @else
        @if ($report->locks !== [])
        <div class="grid gap-8 lg:grid-cols-[11fr_7fr]">
            <table class="report-locks w-full self-start">
                <thead class="max-sm:sr-only">
                    <tr>
                        <x-ledger.head>{{ __('report.columns.lock') }}</x-ledger.head>
                        <x-ledger.head>{{ __('report.columns.first') }}</x-ledger.head>
                        @foreach (['tries', 'time', 'hints', 'left'] as $column)
                            <x-ledger.head number>{{ __("report.columns.{$column}") }}</x-ledger.head>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($report->locks as $one)
                        @include('runs.report-lock', ['isChosen' => $one === $chosen])
                    @endforeach
                </tbody>
            </table>
            @if ($chosen)
                @include('runs.report-answers')
            @endif
        </div>
        @endif
        @include('runs.report-boards')
        @include('runs.report-covers')
        @include('runs.report-passages')
        @include('runs.report-ways')
        <p class="mt-8 flex flex-wrap gap-3.5">
            <a class="button" href="{{ route('runs.pdf', $run) }}"><x-icon name="download"/>{{
                __('report.take.pdf')
            }}</a>
            @foreach (['answers', 'locks', 'choices'] as $table)
                <a class="button" href="{{ route("runs.{$table}", $run) }}"><x-icon name="download"/>{{
                    __("report.take.{$table}")
                }}</a>
            @endforeach
        </p>
        @include('runs.report-records')
    @endif
</x-layout.teacher>

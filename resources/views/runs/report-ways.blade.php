@use('App\Report\Report')
@use('App\View\RunStanding')
{{-- Which ways were taken, what nobody saw, and who came out where. --}}
<div class="mt-10 grid gap-8 lg:grid-cols-2">
    @if ($report->ways() !== [])
        <section aria-labelledby="ways-title">
            <h2 class="mb-2 text-sign" id="ways-title">{{ __('report.ways.title') }}</h2>
            @foreach ($report->ways() as $one)
                <h3 class="mt-3 font-[650]">{{ $one['scene'] }}</h3>
                <ul>
                    @foreach ($one['ways'] as [$way, $plays])
                        <li class="grid grid-cols-[1fr_auto] items-center gap-3 border-b border-line py-1.5">
                            <span>{{ $way }}</span><x-share :part="$plays" :of="$one['seen']"/>
                        </li>
                    @endforeach
                </ul>
            @endforeach
        </section>
    @endif
    <section aria-labelledby="outcomes-title">
        <h2 class="mb-2 text-sign" id="outcomes-title">{{ __('report.outcomes.title') }}</h2>
        @foreach ($report->outcomes as $one)
            <h3 class="mt-3 flex items-baseline justify-between gap-3 font-[650]">
                <span>
                    @if ($one['kind'])
                        <x-mark :verdict="$one['kind'] === 'lost' ? 'wrong' : 'open'"
                            class="inline-block size-5 align-[-0.25em]"/>
                    @endif
                    {{ $one['scene'] === '' ? __('report.outcomes.none') : $one['scene'] }}
                </span>
                <span>{{ __('report.gave', ['count' => count($one['plays'])]) }}</span>
            </h3>
            <ol class="flex flex-wrap gap-x-5">
                @foreach (array_slice($one['plays'], 0, Report::NAMES) as $came)
                    <li><a class="inline-flex min-h-[44px] items-center gap-1.5"
                        href="{{ route('runs.play', [$run, $came['id']]) }}"
                        title="{{ __('report.trail', ['name' => $came['name']]) }}">
                        @if ($came['place'])
                            <strong>{{ $came['place'] }}.</strong>
                        @endif
                        <span>{{ $came['name'] }}</span></a>
                        @if ($came['seconds'] !== null)
                            <span class="text-note text-quiet">{{
                                RunStanding::clock($came['seconds'])
                            }}</span>
                        @endif
                    </li>
                @endforeach
            </ol>
            @if (count($one['plays']) > Report::NAMES)
                <p><a class="inline-flex min-h-[44px] items-center" href="{{ route('runs.csv', $run) }}">{{
                    __('report.outcomes.more', ['count' => count($one['plays']) - Report::NAMES])
                }}</a></p>
            @endif
        @endforeach
        @if ($run->gives_certificates)
            <p class="mt-4"><a href="{{ route('certificates') }}">{{ __('wall.certificates') }}</a></p>
        @endif
        @if ($report->unseen() !== [])
            <h2 class="mt-8 mb-2 text-sign">{{ __('report.unseen') }}</h2>
            <p>{{ implode(' · ', $report->unseen()) }}</p>
        @endif
    </section>
</div>

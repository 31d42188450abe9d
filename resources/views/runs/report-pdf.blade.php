@use('App\View\Moment')
@use('App\Report\Report')
@use('App\View\RunStanding')
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ __('report.title') }} · {{ $run->game->title }}</title>
    <style>{!! $style !!}</style>
</head>
<body>
    @php($sums = $report->sums())
    <p class="small">{{ __('report.title') }} · {{ $run->label }} · {{ $run->code }} · {{
        __('games.edition', ['number' => $run->edition->number])
    }} · {{ Moment::day($run->created_at) }}</p>
    <h1>{{ $run->edition->title() }}</h1>
    <p><strong>{{ $sums['finished'] }}</strong> {{ __('report.of', ['joined' => $sums['joined']]) }}
        @if ($sums['median'])
            · <strong>{{ $sums['median'] }}</strong> {{ __('report.median') }}
        @endif
        @if ($sums['rate'] !== null)
            · <strong>{{ $sums['rate'] }} %</strong> {{ __('report.rate') }}
        @endif
    </p>
    @foreach ($report->locks as $one)
        <div class="lock">
            <h2>{{ $report->name($one) }}</h2>
            <p class="small">{{ $report->scene($one) }} · {{ $report->kind($one) }}</p>
            @if ($one->tried > 0)
            <table class="bar" width="50%" cellspacing="0"><tr>
                @if ($one->rate() > 0)
                    <td class="part" width="{{ max(1, (int) round(100 * $one->rate())) }}%"></td>
                @endif
                @if ($one->rate() < 1)
                    <td class="rest"></td>
                @endif
            </tr></table>
            <p><strong>{{ round(100 * $one->rate()) }} %</strong> {{ __('report.rate') }}
                ({{ $one->firstTry }} / {{ $one->tried }})
                @if ($one->tries)
                    · {{ __('report.columns.tries') }}: {{ round($one->tries->median, 1) }}
                @endif
                @if ($one->seconds)
                    · {{ __('report.columns.time') }}: {{ RunStanding::clock((int) round($one->seconds->median)) }}
                @endif
                · {{ __('report.columns.hints') }}: {{ $one->hinted }}
                · {{ __('report.columns.left') }}: {{ $one->left }}
            </p>
            @endif
            <p>{{ $report->verdict($one) }}</p>
            @foreach ($one->gaps as $gap)
                <p class="wrong">{{ $report->gap($one, $gap->gap) }}
                    <strong>{{ $gap->right }} / {{ $gap->tried }}</strong>
                    {{ implode(' · ', array_filter(array_slice(array_keys($gap->wrong), 0, 4))) }}</p>
            @endforeach
            @php($wrong = array_slice($report->wrong($one), 0, 6))
            @if ($wrong !== [])
                <p class="small">{{ __('report.often') }}</p>
            @endif
            @foreach ($wrong as $group)
                <p class="wrong"><strong>{{ $group['plays'] }} ×</strong> {{ $group['answer'] }}</p>
            @endforeach
        </div>
    @endforeach
    @foreach ($report->boards as $one)
        <div class="lock">
            <h2>{{ $report->board($one) }}</h2>
            <p>{{ __('report.finding.done', ['done' => $one->done, 'played' => $one->played]) }}</p>
            @foreach (array_slice($one->mistaken, 0, 6) as $pair)
                <p class="wrong"><strong>{{ $pair['plays'] }}</strong> {{ __('report.finding.mistook', [
                    'count' => $pair['plays'],
                    'asked' => $report->asked($one->board, $pair['asked']),
                    'picked' => $report->box($one->board, $pair['picked']),
                ]) }}</p>
            @endforeach
        </div>
    @endforeach
    @foreach (collect($report->covers)->groupBy('scene') as $scene => $covers)
        <h2>{{ $report->called($scene) }}</h2>
        <p>{{ __('report.covers.lifted') }}:
            @foreach ($covers as $one)
                {{ $report->called($one->cover->id) }} <span class="whole">{{ $one->lifted }} / {{ $one->seen }}{{
                    $loop->last ? '' : ' ·'
                }}</span>
            @endforeach
        </p>
    @endforeach
    @if ($report->ways() !== [])
        <h2>{{ __('report.ways.title') }}</h2>
        @foreach ($report->ways() as $one)
            <p><strong>{{ $one['scene'] }}</strong>:
                @foreach ($one['ways'] as [$way, $plays])
                    {{ $way }} <span class="whole">{{ $plays }} / {{ $one['seen'] }}{{ $loop->last ? '' : ' ·' }}</span>
                @endforeach
            </p>
        @endforeach
    @endif
    <h2>{{ __('report.outcomes.title') }}</h2>
    @foreach ($report->outcomes as $one)
        <p><strong>{{ $one['scene'] === '' ? __('report.outcomes.none') : $one['scene'] }}</strong></p>
        <table class="names" width="100%">
            @foreach (array_slice($one['plays'], 0, Report::NAMES) as $came)
                <tr>
                    <td width="8%">{{ $came['place'] ? $came['place'].'.' : '' }}</td>
                    <td>{{ $came['name'] }}</td>
                    <td width="20%">{{
                        $came['seconds'] !== null ? RunStanding::clock($came['seconds']) : ''
                    }}</td>
                </tr>
            @endforeach
        </table>
        @if (count($one['plays']) > Report::NAMES)
            <p class="small">{{
                __('report.outcomes.more', ['count' => count($one['plays']) - Report::NAMES])
            }}</p>
        @endif
    @endforeach
    @if ($report->unseen() !== [])
        <p><strong>{{ __('report.unseen') }}</strong>: {{ implode(' · ', $report->unseen()) }}</p>
    @endif
</body>
</html>

<p class="standing-sum">{{ __('runs.standing.sum', ['joined' => count($standing->rows), 'finished' => $standing->finished()]) }}</p>
@if ($standing->rows === [])
    <div class="empty"><p>{{ __('runs.standing.nobody') }}</p></div>
@else
    <table class="ledger">
        <thead><tr>
            <th scope="col">{{ __('runs.columns.name') }}</th>
            @if ($standing->asksGroup)<th scope="col">{{ __('runs.columns.group') }}</th>@endif
            <th scope="col">{{ __('runs.standing.where') }}</th>
            <th scope="col" class="number">{{ __('runs.columns.open') }}</th>
            <th scope="col" class="number">{{ __('runs.columns.tries') }}</th>
            <th scope="col" class="number">{{ __('runs.columns.time') }}</th>
            <th scope="col">{{ __('runs.standing.finished', ['zone' => App\View\Moment::zoneName()]) }}</th>
            <th scope="col">{{ __('runs.standing.words') }}</th>
            <th scope="col"><span class="hidden-words">{{ __('runs.standing.remove') }}</span></th>
        </tr></thead>
        <tbody>
            @foreach ($standing->rows as $row)
                <tr>
                    <th scope="row">{{ $row['name'] }}</th>
                    @if ($standing->asksGroup)<td>{{ $row['group'] }}</td>@endif
                    <td>{{ $row['where'] }}@if ($row['ended'] === null && $row['quiet'] > 180 && $run->isOpen()) <span class="quiet">{{ __('runs.standing.quiet', ['minutes' => intdiv($row['quiet'], 60)]) }}</span>@endif @if ($row['guesses'] !== null)<span class="guesses">{{ __('runs.guesses', ['lock' => $row['guesses']]) }}</span>@endif</td>
                    <td class="number">{{ $row['open'] }}<span class="of"> / {{ $standing->locks }}</span></td>
                    <td class="number">{{ $row['tries'] }}</td>
                    <td class="number">{{ \App\View\RunStanding::clock($row['seconds']) }}</td>
                    <td>@if ($row['ended'])<x-mark :verdict="$row['ended'] === 'lost' ? 'wrong' : 'open'"/>{{ __('runs.ended.'.$row['ended']) }} @if ($row['finishedAt'])<time datetime="{{ gmdate('c', $row['finishedAt']) }}">{{ App\View\Moment::time($row['finishedAt']) }}</time>@endif @else<span class="quiet">{{ __($run->isOpen() ? 'runs.standing.playing' : 'runs.standing.unfinished') }}</span>@endif</td>
                    <td class="two">{{ $row['words'] }}</td>
                    <td><details class="danger row-danger"><summary aria-label="{{ __('runs.standing.remove_one', ['name' => $row['name']]) }}">{{ __('runs.standing.remove') }}</summary><form method="post" action="{{ route('runs.remove', [$run, $row['id']]) }}">@csrf @method('delete')<p>{{ __('runs.standing.gone', ['name' => $row['name']]) }}</p><button class="button bad">{{ __('runs.standing.remove_one', ['name' => $row['name']]) }}</button></form></details></td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif

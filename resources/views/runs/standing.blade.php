<p class="standing-sum"><strong>{{ count($standing->rows) }}</strong> joined · <strong>{{ $standing->finished() }}</strong> finished</p>
@if ($standing->rows === [])
    <div class="empty"><p>Nobody has joined yet. Write the code on the board, or open the link in a second window and try it as a student.</p></div>
@else
    <table class="ledger">
        <thead><tr><th scope="col">Name</th>@if ($standing->asksGroup)<th scope="col">Group</th>@endif<th scope="col">Where</th><th scope="col" class="number">Locks open</th><th scope="col" class="number">Wrong tries</th><th scope="col" class="number">Time</th><th scope="col">Finished</th><th scope="col">Two words</th><th scope="col"><span class="hidden-words">Remove</span></th></tr></thead>
        <tbody>
            @foreach ($standing->rows as $row)
                <tr>
                    <th scope="row">{{ $row['name'] }}</th>
                    @if ($standing->asksGroup)<td>{{ $row['group'] }}</td>@endif
                    <td>{{ $row['where'] }}@if ($row['ended'] === null && $row['quiet'] > 180 && $run->isOpen()) <span class="quiet">quiet for {{ intdiv($row['quiet'], 60) }} min</span>@endif @if ($row['guesses'] !== null)<span class="guesses">{{ __('runs.guesses', ['lock' => $row['guesses']]) }}</span>@endif</td>
                    <td class="number">{{ $row['open'] }}<span class="of"> / {{ $standing->locks }}</span></td>
                    <td class="number">{{ $row['tries'] }}</td>
                    <td class="number">{{ \App\View\RunStanding::clock($row['seconds']) }}</td>
                    <td>@if ($row['ended'])<x-mark :verdict="$row['ended'] === 'lost' ? 'wrong' : 'open'"/>{{ __('runs.ended.'.$row['ended']) }} @if ($row['finishedAt'])<time datetime="{{ gmdate('c', $row['finishedAt']) }}">{{ gmdate('H:i', $row['finishedAt']) }}</time>@endif @else<span class="quiet">{{ $run->isOpen() ? 'playing' : 'not finished' }}</span>@endif</td>
                    <td class="two">{{ $row['words'] }}</td>
                    <td><details class="danger row-danger"><summary aria-label="Remove {{ $row['name'] }}">Remove</summary><form method="post" action="{{ route('runs.remove', [$run, $row['id']]) }}">@csrf @method('delete')<p>All that {{ $row['name'] }} did goes for good.</p><button class="button bad">Remove {{ $row['name'] }}</button></form></details></td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif

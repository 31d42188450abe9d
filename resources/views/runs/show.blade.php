<x-layout.teacher title="{{ $run->code }}" page="run" class="wide">
    <p class="crumb"><a href="{{ route('games.index') }}">Your games</a> · <a href="{{ route('games.show', $run->game) }}">{{ $run->game->title }}</a></p>
    <div class="run-head">
        <div>
            <p class="caps">{{ $run->label }} · edition {{ $run->edition->number }}</p>
            <p class="run-code" aria-label="Join code">{{ $run->code }}</p>
            <p class="run-link">{{ $run->isOpen() ? 'Students go to' : 'Closed for new answers. Everything is kept.' }} @if ($run->isOpen())<a href="{{ url('/p/'.$run->code) }}">{{ url('/p/'.$run->code) }}</a>@endif</p>
        </div>
        <div class="run-acts">
            @if ($run->isOpen())
                <form method="post" action="{{ route('runs.close', $run) }}">@csrf<button class="button">Close the run</button></form>
            @else
                <form method="post" action="{{ route('runs.open', $run) }}">@csrf<button class="button primary">Open it again</button></form>
            @endif
            <a class="button" href="{{ route('runs.csv', $run) }}"><x-icon name="download"/>Download as CSV</a>
            <details class="danger"><summary>Delete all data</summary><form method="post" action="{{ route('runs.destroy', $run) }}">@csrf @method('delete')<p>Names, answers and times of this run go for good; this one can’t be undone.</p><button class="button bad">Delete this run</button></form></details>
        </div>
    </div>
    @if ($run->isOpen())
        <details class="again run-joining"><summary>Who may join</summary>
            <form method="post" action="{{ route('runs.joining', $run) }}" class="form">
                @csrf
                <label class="tick"><input type="checkbox" name="takes_new" value="1" @checked($run->takes_new)> Somebody new may still join</label>
                <div class="field"><label for="field-names">{{ __('runs.list') }}: {{ lcfirst(__('runs.names')) }}</label><textarea id="field-names" name="names" rows="6" aria-describedby="names-help">{{ implode("\n", $run->names ?? []) }}</textarea><p class="help" id="names-help">{{ __('runs.names_help') }}</p></div>
                <div class="form-end"><button class="button">Keep this</button></div>
            </form>
        </details>
    @endif
    <div id="standing" data-address="{{ route('runs.standing', $run, false) }}" data-refresh="{{ $run->isOpen() ? 4 : 0 }}">@include('runs.standing')</div>
</x-layout.teacher>

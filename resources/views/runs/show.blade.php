<x-layout.teacher title="{{ $run->code }}" page="run" class="wide">
    <p class="crumb"><a href="{{ route('games.index') }}">{{ __('games.yours') }}</a> · <a href="{{ route('games.show', $run->game) }}">{{ $run->game->title }}</a></p>
    <div class="run-head">
        <div>
            <p class="caps">{{ $run->label }} · {{ __('games.edition', ['number' => $run->edition->number]) }}</p>
            <p class="run-code" aria-label="{{ __('runs.code') }}">{{ $run->code }}</p>
            <p class="run-link">{{ __($run->isOpen() ? 'runs.go_to' : 'runs.closed') }} @if ($run->isOpen())<a href="{{ url('/p/'.$run->code) }}">{{ url('/p/'.$run->code) }}</a>@endif</p>
        </div>
        <div class="run-acts">
            @if ($run->isOpen())
                <form method="post" action="{{ route('runs.close', $run) }}">@csrf<button class="button">{{ __('runs.close') }}</button></form>
            @else
                <form method="post" action="{{ route('runs.open', $run) }}">@csrf<button class="button primary">{{ __('runs.reopen') }}</button></form>
            @endif
            <a class="button" href="{{ route('runs.csv', $run) }}"><x-icon name="download"/>{{ __('runs.download') }}</a>
            <details class="danger"><summary>{{ __('runs.delete_all') }}</summary><form method="post" action="{{ route('runs.destroy', $run) }}">@csrf @method('delete')<p>{{ __('runs.delete_help') }}</p><button class="button bad">{{ __('runs.delete') }}</button></form></details>
        </div>
    </div>
    @if ($run->isOpen())
        <details class="again run-joining"><summary>{{ __('runs.joining') }}</summary>
            <form method="post" action="{{ route('runs.joining', $run) }}" class="form">
                @csrf
                <label class="tick"><input type="checkbox" name="takes_new" value="1" @checked($run->takes_new)> {{ __('runs.takes_new') }}</label>
                <div class="field"><label for="field-names">{{ __('runs.list_names') }}</label><textarea id="field-names" name="names" rows="6" aria-describedby="names-help">{{ implode("\n", $run->names ?? []) }}</textarea><p class="help" id="names-help">{{ __('runs.names_help') }}</p></div>
                <div class="form-end"><button class="button">{{ __('runs.keep') }}</button></div>
            </form>
        </details>
    @endif
    <div id="standing" data-address="{{ route('runs.standing', $run, false) }}" data-refresh="{{ $run->isOpen() ? 4 : 0 }}">@include('runs.standing')</div>
</x-layout.teacher>

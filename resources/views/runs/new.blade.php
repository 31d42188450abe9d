<x-layout.teacher title="Open a run" class="narrow">
    <p class="crumb"><a href="{{ route('games.show', $game) }}">{{ $game->title }}</a></p>
    <h1>Open a run</h1>
    <p>The game is frozen as it stands now. You can go on changing the draft; this run keeps its edition.</p>
    @if ($findings->errors !== [])
        <div class="notice bad">
            <p><strong>{{ count($findings->errors) }} to mend before students play:</strong></p>
            <ul class="findings">@foreach (array_slice($findings->errors, 0, 6) as $finding)<li>{{ $finding }}</li>@endforeach</ul>
            @if (count($findings->errors) > 6)<p>and {{ count($findings->errors) - 6 }} more.</p>@endif
        </div>
    @elseif ($findings->isProved)
        <p class="notice"><x-mark verdict="open"/> The check went through every way: the game can be won, and nobody gets stuck.</p>
    @endif
    @if ($findings->leftOver() !== [])
        <div class="notice">
            <p><strong>Begun and left:</strong></p>
            <ul class="findings">@foreach (array_slice($findings->leftOver(), 0, 6) as $finding)<li>{{ $finding }}</li>@endforeach</ul>
            @if (count($findings->leftOver()) > 6)<p>and {{ count($findings->leftOver()) - 6 }} more.</p>@endif
        </div>
    @endif
    <form method="post" action="{{ route('runs.store', $game) }}" class="form">
        @csrf
        <x-field name="label" label="For whom?" placeholder="{{ __('runs.unnamed') }}" maxlength="80" autofocus/>
        <fieldset class="asks"><legend>Students are asked for</legend>
            <label class="tick"><input type="checkbox" checked disabled> a name they choose</label>
            <label class="tick"><input type="checkbox" name="asks_group" value="1" @checked($asksGroup)> a group, if they like</label>
        </fieldset>
        <details class="again"><summary>{{ __('runs.list') }}</summary>
            <div class="field"><label for="field-names">{{ __('runs.names') }}</label><textarea id="field-names" name="names" rows="6" aria-describedby="names-help">{{ old('names') }}</textarea><p class="help" id="names-help">{{ __('runs.names_help') }}</p></div>
        </details>
        <div class="form-end"><button class="button primary"><x-icon name="sailboat"/>Open it</button><a href="{{ route('games.show', $game) }}">Not yet</a></div>
    </form>
</x-layout.teacher>

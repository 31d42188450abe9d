<x-layout.teacher :title="__('runs.new.title')" class="narrow">
    <p class="crumb"><a href="{{ route('games.show', $game) }}">{{ $game->title }}</a></p>
    <h1>{{ __('runs.new.title') }}</h1>
    <p>{{ __('runs.new.help') }}</p>
    @if ($findings->errors !== [])
        <div class="notice bad">
            <p><strong>{{ __('runs.new.errors', ['count' => count($findings->errors)]) }}</strong></p>
            <ul class="findings">@foreach (array_slice($findings->errors, 0, 6) as $finding)<li>{{ $finding }}</li>@endforeach</ul>
            @if (count($findings->errors) > 6)<p>{{ __('runs.new.more', ['count' => count($findings->errors) - 6]) }}</p>@endif
        </div>
    @elseif ($findings->isProved)
        <p class="notice"><x-mark verdict="open"/> {{ __('runs.new.proved') }}</p>
    @endif
    @if ($findings->leftOver() !== [])
        <div class="notice">
            <p><strong>{{ __('runs.new.left') }}</strong></p>
            <ul class="findings">@foreach (array_slice($findings->leftOver(), 0, 6) as $finding)<li>{{ $finding }}</li>@endforeach</ul>
            @if (count($findings->leftOver()) > 6)<p>{{ __('runs.new.more', ['count' => count($findings->leftOver()) - 6]) }}</p>@endif
        </div>
    @endif
    <form method="post" action="{{ route('runs.store', $game) }}" class="form">
        @csrf
        <x-field name="label" :label="__('runs.new.whom')" placeholder="{{ __('runs.unnamed') }}" maxlength="80" autofocus/>
        <fieldset class="asks"><legend>{{ __('runs.new.asks') }}</legend>
            <label class="tick"><input type="checkbox" checked disabled> {{ __('runs.new.name') }}</label>
            <label class="tick"><input type="checkbox" name="asks_group" value="1" @checked($asksGroup)> {{ __('runs.new.group') }}</label>
        </fieldset>
        <details class="again"><summary>{{ __('runs.list') }}</summary>
            <div class="field"><label for="field-names">{{ __('runs.names') }}</label><textarea id="field-names" name="names" rows="6" aria-describedby="names-help">{{ old('names') }}</textarea><p class="help" id="names-help">{{ __('runs.names_help') }}</p></div>
        </details>
        <div class="form-end"><button class="button primary"><x-icon name="sailboat"/>{{ __('runs.new.open') }}</button><a href="{{ route('games.show', $game) }}">{{ __('runs.new.not_yet') }}</a></div>
    </form>
</x-layout.teacher>

<x-layout.teacher :title="__('runs.new.title')" width="max-w-[36rem]">
    <x-title :under="$game->title" :href="route('games.show', $game)">{{ __('runs.new.title') }}</x-title>
    <p class="mb-3">{{ __('runs.new.help') }}</p>
    @if ($findings->errors !== [])
        <div class="notice bad">
            <p><strong>{{ __('runs.new.errors', ['count' => count($findings->errors)]) }}</strong></p>
            <x-findings :of="$findings->errors"/>
        </div>
    @elseif ($findings->isProved)
        <p class="notice"><x-mark verdict="open"/> {{
            __($game->read()->hasEnding() ? 'runs.new.proved' : 'runs.new.uncovers')
        }}</p>
    @endif
    @if ($findings->leftOver() !== [])
        <div class="notice">
            <p><strong>{{ __('runs.new.left') }}</strong></p>
            <x-findings :of="$findings->leftOver()"/>
        </div>
    @endif
    <x-form :action="route('runs.store', $game)">
        <x-field name="label" :label="__('runs.new.whom')" placeholder="{{ __('runs.unnamed') }}" maxlength="80"
            autofocus/>
        <fieldset>
            <legend class="font-[650]">{{ __('runs.new.asks') }}</legend>
            <label class="tick"><input type="checkbox" checked disabled> {{ __('runs.new.name') }}</label>
            <label class="tick">
                <input type="checkbox" name="asks_group" value="1" @checked($asksGroup)> {{ __('runs.new.group') }}
            </label>
        </fieldset>
        <x-field name="minutes" type="number" :label="__('runs.new.minutes')" min="1" max="1440"
            placeholder="{{ __('runs.new.no_limit') }}"/>
        <x-more :title="__('runs.list')"><x-names :label="__('runs.names')" :value="old('names')"/></x-more>
        <x-form.end>
            <button class="button primary"><x-icon name="sailboat"/>{{ __('runs.new.open') }}</button>
            <a href="{{ route('games.show', $game) }}">{{ __('runs.new.not_yet') }}</a>
        </x-form.end>
    </x-form>
</x-layout.teacher>

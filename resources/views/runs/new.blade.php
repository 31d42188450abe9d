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
    @if ($findings->errors === [])
        <p class="mb-3"><a href="{{ route('games.dry', $game) }}">{{ __('dry.first') }}</a></p>
    @endif
    <x-form :action="route('runs.store', $game)">
        @include('runs.settings-fields')
        <x-form.end>
            <button class="button primary"><x-icon name="sailboat"/>{{ __('runs.new.open') }}</button>
            <a href="{{ route('games.show', $game) }}">{{ __('runs.new.not_yet') }}</a>
        </x-form.end>
    </x-form>
</x-layout.teacher>

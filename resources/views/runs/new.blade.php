<x-layout.teacher :title="__('runs.new.title')" width="max-w-[36rem]">
    <x-title :under="$game->title" :href="route('games.show', $game)">{{ __('runs.new.title') }}</x-title>
    <p class="mb-3">{{ __('runs.new.help') }}</p>
    @if ($findings->toMend !== [])
        <div @class(['notice', 'bad' => $findings->errors !== []])>
            <p><strong>{{ __($findings->errors === [] ? 'workshop.findings.countToMend' : 'runs.new.errors', [
                'count' => count($findings->toMend),
            ]) }}</strong></p>
            <x-findings :of="$findings->toMend"/>
        </div>
    @endif
    @if ($findings->errors === [] && $findings->isProved)
        <p class="notice"><x-mark verdict="open"/> {{
            __($game->read()->hasEnding() ? 'runs.new.proved' : 'runs.new.uncovers')
        }}</p>
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

{{-- Where another way of an earlier vote would have led; only to look at. --}}
<x-layout.base :title="$screen->title()" page="play" :words="$screen->words()"
    :picture="$screen->backdrop()['url'] ?? null" body="player">
    <div class="play" id="play" data-address="" data-language="{{ $screen->edition->game->language() }}">
        <p class="notice flex flex-wrap items-center justify-between gap-3" role="status">
            <span>{{ __('play.vote.instead') }}</span>
            <a class="button primary" href="{{ route('runs.front', $run) }}">{{ __('play.vote.back') }}</a>
        </p>
        <div id="nudges"></div>
        <fieldset disabled class="min-w-0 flex-1 [&_button]:opacity-50">
            <div id="scene">@include('play.scene')</div>
        </fieldset>
    </div>
    <div id="announce" class="hidden-words" role="status" aria-live="polite"></div>
</x-layout.base>

{{-- Another scene of the play, only to look at; the team is elsewhere. --}}
<x-layout.base :title="$screen->title()" page="play" :words="$screen->words()"
    :picture="$screen->backdrop()['url'] ?? null" body="player">
    <div class="play" id="play" data-address="{{ $frame->address }}"
        data-language="{{ $screen->edition->game->language() }}">
        <div class="notice flex flex-wrap items-center justify-between gap-3" role="status">
            <span>{{ __('play.team.looking', ['scene' => $there]) }}</span>
            <a class="button primary" href="{{ $frame->address }}">{{ __('play.team.back') }}</a>
        </div>
        <div id="nudges"></div>
        <fieldset disabled class="min-w-0 flex-1 [&_button]:opacity-50">
            <div id="scene">@include('play.scene', ['turn' => null])</div>
        </fieldset>
    </div>
    <div id="announce" class="hidden-words" role="status" aria-live="polite"></div>
</x-layout.base>

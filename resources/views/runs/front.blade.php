{{-- At the front of a class that plays together: the scene for all to see, and beside it how the vote stands. --}}
<x-layout.base :title="$screen->title()" page="front" :words="$screen->words()"
    :picture="$screen->backdrop()['url'] ?? null" body="player front">
    <div class="grid gap-6 px-5 py-4 lg:grid-cols-[1fr_22rem]">
        <div class="play m-0 max-w-none" id="play" data-address="{{ $frame->address }}"
            data-seq="{{ $turn->seq ?? $play->seq }}" data-pulse="{{ App\Storage\Pulse::address($play->id) }}"
            data-language="{{ $screen->edition->game->language() }}">
            <div id="nudges" role="status" aria-live="polite"></div>
            <div id="scene" class="flex-1">@include('play.scene')</div>
            <div id="rims" class="rims">@include('play.rims')</div>
        </div>
        {!! $beside !!}
    </div>
    <div id="announce" class="hidden-words" role="status" aria-live="polite"></div>
</x-layout.base>

{{-- A scene that is only looked at, and one way back. --}}
@props(['screen', 'words', 'back', 'backWords', 'address' => ''])
<x-layout.base :title="$screen->title()" page="play" :words="$screen->words()"
    :picture="$screen->backdrop()['url'] ?? null" body="player">
    <div class="play" id="play" data-address="{{ $address }}" data-language="{{ $screen->edition->game->language() }}">
        <div class="notice flex flex-wrap items-center justify-between gap-3" role="status">
            <span>{{ $words }}</span>
            <a class="button primary" href="{{ $back }}">{{ $backWords }}</a>
        </div>
        <div id="nudges"></div>
        <div id="scene" class="flex-1 [&_:disabled]:opacity-50">{!! App\View\OnlyToLook::at((string) $slot) !!}</div>
    </div>
    <div id="announce" class="hidden-words" role="status" aria-live="polite"></div>
</x-layout.base>

<x-layout.base :title="$game->title" body="workshop" page="workshop" :words="$words">
    <a class="skip" href="#faces">{{ __('workshop.skip') }}</a>
    <header class="bar">
        <a class="bar-home" href="{{ route('games.index') }}" aria-label="{{ __('games.yours') }}"><x-lamp/></a>
        <h1 class="bar-title">
            <input id="game-title" aria-label="{{ __('games.title') }}" value="{{ $game->title }}" maxlength="120">
        </h1>
        <p class="saved" id="saved" role="status"><x-icon name="check"/><span>{{ __('workshop.saved') }}</span></p>
        <nav class="faces-nav" aria-label="{{ __('workshop.faces.label') }}">
            <a href="?face=map" data-face="map">{{ __('workshop.faces.map') }} <kbd>1</kbd></a>
            <a href="?face=scene" data-face="scene">{{ __('workshop.faces.scene') }} <kbd>2</kbd></a>
            <a href="?face=sheet" data-face="sheet">{{ __('workshop.faces.sheet') }} <kbd>3</kbd></a>
        </nav>
        <div class="bar-end">
            <x-bar.icon id="undo" icon="undo-2" :label="__('workshop.undo')" disabled/>
            <x-bar.icon id="redo" icon="redo-2" :label="__('workshop.redo')" disabled/>
            <x-bar.icon id="history" icon="history" :label="__('workshop.history.title')" aria-expanded="false"
                aria-controls="history-list"/>
            <button class="bar-button bar-findings" id="findings-count" aria-expanded="false"
                aria-controls="findings-list" hidden><span></span></button>
            <a class="bar-button" id="go-on-rehearsing" href="{{ route('rehearsal.show', $game) }}" hidden><x-icon
                name="play"/>{{ __('workshop.goOn') }}</a>
            <a class="bar-button" id="rehearse" href="{{ route('rehearsal.show', $game) }}"><x-icon
                name="footprints"/><span>{{ __('workshop.rehearse') }}</span></a>
            <a class="bar-button lit" href="{{ route('runs.create', $game) }}"><x-icon
                name="sailboat"/><span>{{ __('runs.new.title') }}</span></a>
        </div>
    </header>
    <p class="alert" id="alert" role="alert" hidden></p>
    <section class="losses" id="lost" aria-label="{{ __('workshop.lost.label') }}" hidden></section>
    <main id="faces" data-address="{{ route('games.show', $game, false) }}">
        <section id="face-map" class="face face-map" aria-label="{{ __('workshop.faces.map') }}" hidden></section>
        <section id="face-scene" class="face face-scene" aria-label="{{ __('workshop.faces.scene') }}" hidden></section>
        <section id="face-sheet" class="face face-sheet" aria-label="{{ __('workshop.faces.sheet') }}" hidden></section>
        <noscript><p class="notice">{{ __('workshop.needsScripts') }}</p></noscript>
    </main>
</x-layout.base>

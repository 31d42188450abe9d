<x-layout.base :title="$game->title" body="workshop" page="workshop">
    <a class="skip" href="#faces">Skip to the workshop</a>
    <header class="bar">
        <a class="bar-home" href="{{ route('games.index') }}" aria-label="Your games"><x-lamp/></a>
        <h1 class="bar-title"><input id="game-title" aria-label="Title of the game" value="{{ $game->title }}" maxlength="120"></h1>
        <p class="saved" id="saved" role="status"><x-icon name="check"/><span>{{ $words['saved'] }}</span></p>
        <nav class="faces-nav" aria-label="Faces of the game">
            <button data-face="map">Map <kbd>1</kbd></button>
            <button data-face="scene">Scene <kbd>2</kbd></button>
            <button data-face="sheet">Sheet <kbd>3</kbd></button>
        </nav>
        <div class="bar-end">
            <button class="bar-icon" id="undo" disabled title="Undo (Ctrl+Z)" aria-label="Undo"><x-icon name="undo-2"/></button>
            <button class="bar-icon" id="redo" disabled title="Do again (Ctrl+Shift+Z)" aria-label="Do again"><x-icon name="redo-2"/></button>
            <button class="bar-icon" id="history" aria-expanded="false" aria-controls="history-list" title="{{ $words['history']['title'] }}" aria-label="{{ $words['history']['title'] }}"><x-icon name="history"/></button>
            <button class="bar-button bar-findings" id="findings-count" aria-expanded="false" aria-controls="findings-list" hidden><span></span></button>
            <a class="bar-button" id="go-on-rehearsing" href="{{ route('rehearsal.show', $game) }}" hidden><x-icon name="play"/>Go on</a>
            <a class="bar-button" id="rehearse" href="{{ route('rehearsal.show', $game) }}"><x-icon name="footprints"/>Rehearse</a>
            <a class="bar-button lit" href="{{ route('runs.create', $game) }}"><x-icon name="sailboat"/>Open a run</a>
        </div>
    </header>
    <p class="alert" id="alert" role="alert" hidden></p>
    <section class="losses" id="lost" aria-label="{{ $words['lost']['label'] }}" hidden></section>
    <main id="faces" data-address="{{ route('games.show', $game, false) }}" data-rehearsal="{{ route('rehearsal.show', $game, false) }}">
        <section id="face-map" class="face face-map" aria-label="Map" hidden></section>
        <section id="face-scene" class="face face-scene" aria-label="Scene" hidden></section>
        <section id="face-sheet" class="face face-sheet" aria-label="Sheet" hidden></section>
        <noscript><p class="notice">The workshop needs scripts. Students can play without them.</p></noscript>
    </main>
    <script type="application/json" id="words">{!! json_encode($words, JSON_HEX_TAG | JSON_UNESCAPED_UNICODE) !!}</script>
</x-layout.base>

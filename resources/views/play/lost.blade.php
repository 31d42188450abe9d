<x-layout.base title="Nothing changed" body="player">
    <main class="join"><h1>Nothing changed</h1><p>{{ $words }}</p><p><a class="button primary" href="?">Back to the game</a></p></main>
</x-layout.base>

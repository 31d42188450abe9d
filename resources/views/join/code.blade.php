<x-layout.base title="Join a game" body="player" page="join">
    <main class="join">
        <p class="join-mark"><x-lamp/><span>Fravel</span></p>
        <h1>Join a game</h1>
        @if ($problem)<p class="notice bad" role="alert">{{ $problem }}</p>@endif
        <form method="get" action="/join" class="form">
            <div class="field">
                <label for="code">The code from the board</label>
                <input id="code" name="code" value="{{ $code }}" maxlength="12" autocapitalize="characters" autocomplete="off" spellcheck="false" class="code-input" required autofocus>
            </div>
            <button class="button primary big">Join</button>
        </form>
        <p class="aside"><a href="{{ route('login') }}">I am a teacher</a></p>
    </main>
</x-layout.base>

<x-layout.base :title="__('play.join.title')" body="player" page="join">
    <main class="join">
        <p class="join-mark"><x-lamp/><span>Fravel</span></p>
        <h1>{{ __('play.join.title') }}</h1>
        @if ($problem)<p class="notice bad" role="alert">{{ $problem }}</p>@endif
        <form method="get" action="/join" class="form">
            <div class="field">
                <label for="code">{{ __('play.join.code') }}</label>
                <input id="code" name="code" value="{{ $code }}" maxlength="12" autocapitalize="characters" autocomplete="off" spellcheck="false" class="code-input" required autofocus>
            </div>
            <button class="button primary big">{{ __('play.join.go') }}</button>
        </form>
        <p class="aside"><a href="{{ route('login') }}">{{ __('play.join.teacher') }}</a></p>
    </main>
</x-layout.base>

<x-layout.base :title="__('play.join.title')" body="player" page="join">
    <x-layout.card sign="Fravel">
        <h1>{{ __('play.join.title') }}</h1>
        @if ($problem)
            <p class="notice bad" role="alert">{{ $problem }}</p>
        @endif
        <form method="get" action="/join" class="grid gap-4.5">
            <div class="field">
                <label for="code">{{ __('play.join.code') }}</label>
                <input id="code" name="code" value="{{ $code }}" maxlength="12" autocapitalize="characters"
                    autocomplete="off" spellcheck="false" required autofocus
                    class="text-center font-code text-[2rem] tracking-[0.2em] uppercase">
            </div>
            <button class="button primary big">{{ __('play.join.go') }}</button>
        </form>
        <x-aside><a href="{{ route('login') }}">{{ __('play.join.teacher') }}</a></x-aside>
    </x-layout.card>
</x-layout.base>

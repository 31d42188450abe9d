<x-layout.base :title="__('play.join.titled', ['code' => $run->code])" body="player" page="join">
    <main class="join">
        <p class="join-mark"><x-lamp/><span>{{ $run->code }}</span></p>
        <h1 {{ $run->edition->speaks() }}>{{ $run->edition->title() }}</h1>
        @if ($problem)<p class="notice bad" role="alert">{{ $problem }}</p>@endif
        @unless ($run->isOpen())<p class="notice">{{ __('play.join.closed') }}</p>@endunless
        @if ($run->isOpen() && ! $run->takes_new)<p class="notice">{{ __('play.join.complete') }}</p>@endif
        @if ($run->isOpen() && $run->takes_new)
            <form method="post" action="/p/{{ $run->code }}/join" class="form">
                <div class="field"><label for="name">{{ __($run->names === null ? 'play.join.call' : 'play.join.listed') }}</label><input id="name" name="name" value="{{ $name }}" maxlength="40" autocomplete="off" required @unless ($again) autofocus @endunless></div>
                @if ($run->asks_group)<div class="field"><label for="group">{{ __('play.join.group') }}</label><input id="group" name="group" maxlength="40" autocomplete="off"></div>@endif
                <button class="button primary big">{{ __('play.join.begin') }}</button>
            </form>
        @endif
        <details class="again" @if ($again || $typed || ! $run->takes_new) open @endif>
            <summary>{{ __('play.join.again') }}</summary>
            <form method="post" action="/p/{{ $run->code }}/again" class="form">
                <div class="field"><label for="again-name">{{ __('play.rejoin.name') }}</label><input id="again-name" name="name" value="{{ $name }}" maxlength="40" autocomplete="off" required></div>
                <div class="field"><label for="words">{{ __('play.rejoin.words') }}</label><input id="words" name="words" maxlength="60" autocomplete="off" autocapitalize="none" required></div>
                @if ($typed)
                    <input type="hidden" name="typed[on]" value="{{ is_string($typed['on']) ? $typed['on'] : '' }}">
                    @foreach (is_array($typed['with']) ? $typed['with'] : [] as $part => $value)
                        <input type="hidden" name="typed[with][{{ $part }}]" value="{{ is_string($value) ? $value : '' }}">
                    @endforeach
                    @if (is_string($typed['with']))<textarea name="typed[with]" hidden>{{ $typed['with'] }}</textarea>@endif
                @endif
                <button class="button primary">{{ __('play.join.return') }}</button>
            </form>
        </details>
    </main>
</x-layout.base>

@use('App\Models\Emblem')
<x-layout.base :title="__('play.finish.emblem')" page="emblem" body="player">
    <main class="mx-auto grid max-w-[46rem] gap-5 px-4 py-6">
        <p><a href="/p/{{ $run->code }}">{{ __('play.to_game') }}</a></p>
        <h1>{{ __('play.finish.emblem') }}</h1>
        <form method="get" action="/p/{{ $run->code }}/emblem" id="emblem-parts"
            class="on-card grid gap-5 rounded-board p-5 sm:grid-cols-[12rem_1fr]">
            <x-emblem :design="$design" :name="__('play.finish.yours')" class="w-40 justify-self-center"/>
            <div class="grid grid-cols-2 gap-3.5">
                @foreach (Emblem::PARTS as $part => $known)
                    <label class="field">
                        <span>{{ __("play.emblem.{$part}") }}</span>
                        <select name="{{ $part }}">
                            @foreach (array_unique($known) as $one)
                                <option value="{{ $one }}" @selected($design[$part] === $one)>{{
                                    __("play.emblem.of.{$one}")
                                }}</option>
                            @endforeach
                        </select>
                    </label>
                @endforeach
                <noscript><button class="button">{{ __('play.finish.see') }}</button></noscript>
            </div>
        </form>
        <form method="post" action="/p/{{ $run->code }}/emblem" id="emblem-put" class="grid gap-4">
            <input type="hidden" name="ticket" value="{{ $ticket }}">
            @foreach ($design as $part => $one)
                <input type="hidden" name="{{ $part }}" value="{{ $one }}">
            @endforeach
            <x-join-field name="line" :label="__('play.finish.line')" :value="$line" :maxlength="Emblem::LONGEST"/>
            <p class="text-small text-mist">{{ __('play.finish.read_first') }}</p>
            <button class="button primary big">{{ __('play.finish.put') }}</button>
        </form>
    </main>
</x-layout.base>

<x-layout.teacher :title="__('texts.title').' · '.$run->game->title" width="max-w-[92rem]">
    @include('runs.views', ['here' => 'texts'])
    <h1 class="hidden-words">{{ __('texts.title') }}</h1>
    @forelse ($texts as $one)
        <article @class([
            'mb-4 grid gap-2 border-l-8 px-4 py-3 lg:grid-cols-[3fr_2fr] lg:gap-6',
            'border-lamp bg-card' => $one['waits'],
            'border-line' => ! $one['waits'],
        ]) aria-label="{{ $one['name'] }}: {{ $one['ask'] }}">
            <div>
                <p><strong class="font-title text-sign">{{ $one['name'] }}</strong>
                    <span class="text-quiet">{{ $one['ask'] }}</span></p>
                <p class="mt-1 max-w-160 whitespace-pre-line [overflow-wrap:anywhere]">{{ $one['text'] }}</p>
            </div>
            @if ($one['waits'])
                <div class="grid content-start gap-2">
                    <x-inline :action="route('runs.help', [$run, $one['play']])">
                        <input type="hidden" name="way" value="accept">
                        <input type="hidden" name="on" value="{{ $one['lock'] }}">
                        <button class="button primary">{{ __('texts.accept') }}</button>
                    </x-inline>
                    <x-inline :action="route('runs.help', [$run, $one['play']])">
                        <input type="hidden" name="way" value="back">
                        <input type="hidden" name="on" value="{{ $one['lock'] }}">
                        <input class="min-h-[44px] min-w-0 flex-1 rounded-board border-[1.5px] border-ink bg-white px-3"
                            name="words" maxlength="500" required
                            aria-label="{{ __('texts.back_words', ['name' => $one['name']]) }}"
                            placeholder="{{ __('texts.back_hint') }}">
                        <button class="button">{{ __('texts.back') }}</button>
                    </x-inline>
                </div>
            @else
                <x-form :action="route('runs.mark', [$run, $one['play']])" class="content-start gap-2">
                    <input type="hidden" name="lock" value="{{ $one['lock'] }}">
                    <fieldset class="flex flex-wrap gap-x-5">
                        <legend class="hidden-words">{{ __('texts.mark') }}</legend>
                        @foreach (['good', 'fair', 'again'] as $mark)
                            <label class="tick"><input type="radio" name="mark" value="{{ $mark }}"
                                @checked($one['mark']?->mark === $mark)> {{ __("texts.marks.{$mark}") }}</label>
                        @endforeach
                    </fieldset>
                    <div class="flex gap-2">
                        <input class="min-h-[44px] min-w-0 flex-1 rounded-board border-[1.5px] border-ink bg-white px-3"
                            name="words" maxlength="2000" value="{{ $one['mark']?->words }}"
                            aria-label="{{ __('texts.words', ['name' => $one['name']]) }}"
                            placeholder="{{ __('texts.words_hint') }}">
                        <button class="button">{{ __('texts.keep') }}</button>
                    </div>
                </x-form>
            @endif
        </article>
    @empty
        <p class="py-8">{{ __('texts.none') }}</p>
    @endforelse
</x-layout.teacher>

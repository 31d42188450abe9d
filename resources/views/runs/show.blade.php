<x-layout.teacher :title="$run->code" page="run" :words="$words" width="max-w-[92rem]">
    @include('runs.views', ['here' => 'board'])
    <div class="mb-4 flex flex-wrap items-start justify-between gap-x-8 gap-y-3">
        <div>
            <p class="caps">{{ $run->label }} · {{ __('games.edition', ['number' => $run->edition->number]) }}</p>
            <p class="run-code font-code text-[2.6rem] leading-[1.1] font-bold tracking-[0.14em]"
                aria-label="{{ __('runs.code') }}">{{ $run->code }}</p>
            <p>
                {{ __($run->isOpen() ? 'runs.go_to' : 'runs.closed') }}
                @if ($run->isOpen())
                    <a class="font-[650]" href="{{ url('/p/'.$run->code) }}">{{ url('/p/'.$run->code) }}</a>
                @endif
            </p>
        </div>
        <div class="flex flex-wrap items-start gap-3.5">
            @if ($run->isOpen())
                <a class="button" href="{{ route('runs.projector', $run) }}"><x-icon name="monitor"/>{{
                    __('runs.projector.title')
                }}</a>
                <x-form :action="route('runs.pause', $run)">
                    <input type="hidden" name="pause" value="{{ $run->paused_at ? 0 : 1 }}">
                    <button @class(['button', 'primary' => $run->paused_at])>{{
                        __($run->paused_at ? 'help.go_on' : 'help.pause')
                    }}</button>
                </x-form>
                @if ($run->minutes)
                    <x-form :action="route('runs.time', $run)">
                        <input type="hidden" name="minutes" value="5">
                        <button class="button">{{ __('help.time') }}</button>
                    </x-form>
                @endif
                <x-form :action="route('runs.close', $run)">
                    <button class="button">{{ __('runs.close') }}</button>
                </x-form>
            @else
                <x-form :action="route('runs.open', $run)">
                    <button class="button primary">{{ __('runs.reopen') }}</button>
                </x-form>
            @endif
        </div>
    </div>
    @if ($run->isOpen() && $run->paused_at)
        <p class="notice" role="status">{{ __('help.paused') }}</p>
    @endif
    @if ($run->isOpen() && $run->isBehind())
        <x-inline :action="route('runs.renew', $run)" class="mb-4 flex-wrap">
            <span class="self-center">{{ __('help.behind') }}</span>
            <button class="button">{{ __('help.renew') }}</button>
        </x-inline>
    @endif
    @if ($run->isOpen())
        <x-inline :action="route('runs.line', $run)" class="mb-5 max-w-[44rem]">
            <input type="hidden" name="way" value="line">
            <input class="min-h-[44px] min-w-0 flex-1 rounded-board border-[1.5px] border-ink bg-white px-3"
                name="words" maxlength="500" required aria-label="{{ __('help.all') }}"
                placeholder="{{ __('help.all') }}">
            <button class="button">{{ __('help.send') }}</button>
        </x-inline>
    @endif
    <div @class(['run-board' => $run->isOpen()])>
    @if ($run->isOpen())
        <div id="run-map" class="run-map" tabindex="0" role="group" aria-label="{{ __('runs.map') }}"
            data-address="{{ route('runs.map', $run, false) }}"></div>
    @endif
    <div id="standing" data-address="{{ route('runs.standing', $run, false) }}"
        data-refresh="{{ $run->isOpen() ? 4 : 0 }}">@include('runs.standing')</div>
    </div>
    <section class="mt-10 grid gap-2 border-t-[1.5px] border-ink pt-4" aria-label="{{ __('runs.about') }}">
        @if ($run->isOpen())
            <x-more class="mb-4 open:max-w-[34rem]" :title="__('runs.joining')">
                <x-form :action="route('runs.joining', $run)">
                    <label class="tick">
                        <input type="checkbox" name="takes_new" value="1"
                            @checked($run->takes_new)> {{ __('runs.takes_new') }}
                    </label>
                    <x-names :label="__('runs.list_names')" :value="implode(PHP_EOL, $run->names ?? [])"/>
                    <x-form.end><button class="button">{{ __('runs.keep') }}</button></x-form.end>
                </x-form>
            </x-more>
        @endif
        <x-form class="mb-4" :action="route('runs.receipts', $run)">
            <input type="hidden" name="give" value="{{ $run->gives_receipts ? 0 : 1 }}">
            <p class="flex flex-wrap items-center gap-3.5">
                <button class="button">{{
                    __($run->gives_receipts ? 'runs.receipts.take_back' : 'runs.receipts.give')
                }}</button>
                <span class="text-note text-quiet">{{ __('runs.receipts.help') }}</span>
            </p>
        </x-form>
        <div class="flex flex-wrap items-start gap-3.5">
            <a class="button" href="{{ route('runs.csv', $run) }}">
                <x-icon name="download"/>{{ __('runs.download') }}
            </a>
            <x-danger class="max-w-80" :title="__('runs.delete_all')" :action="route('runs.destroy', $run)"
                :words="__('runs.delete_help')" :button="__('runs.delete')"/>
        </div>
    </section>
</x-layout.teacher>

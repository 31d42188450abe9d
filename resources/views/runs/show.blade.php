@use('App\View\Moment')
<x-layout.teacher :title="$run->code" page="run" :words="$words" width="max-w-[92rem]">
    @include('runs.views', ['here' => 'board'])
    <div class="mb-4 flex flex-wrap items-start justify-between gap-x-8 gap-y-3">
        <div>
            <p class="caps">{{ $run->label }} · {{ __('games.edition', ['number' => $run->edition->number]) }}</p>
            <p class="run-code font-code text-[2.6rem] leading-[1.1] font-bold tracking-[0.14em]"
                aria-label="{{ __('runs.code') }}">{{ $run->code }}</p>
            <p>
                {{ $run->isEarly() ? __('runs.early', ['time' => Moment::of($run->opens_at)])
                    : __($run->isClosed() ? 'runs.closed' : 'runs.go_to') }}
                @unless ($run->isClosed())
                    <a class="font-[650]" href="{{ url('/p/'.$run->code) }}">{{ url('/p/'.$run->code) }}</a>
                @endunless
            </p>
            @if ($run->isOpen() && $run->closes_at)
                <p class="text-quiet">{{ __('runs.closes', ['time' => Moment::of($run->closes_at)]) }}</p>
            @endif
            @if ($run->erase_on)
                <p class="text-quiet">{{ __('runs.erases', ['day' => $run->erase_on]) }}</p>
            @endif
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
                    <button class="button primary">{{
                        __($run->isEarly() ? 'runs.open_now' : 'runs.reopen')
                    }}</button>
                </x-form>
            @endif
        </div>
    </div>
    @if ($run->isOpen() && $run->paused_at)
        <p class="notice" role="status">{{ __('help.paused') }}</p>
    @endif
    @if ($run->isOpen() && ! $run->isBehind() && ($kept = $run->keptBack()) !== [])
        <x-inline :action="route('runs.renew', $run)" class="mb-4 flex-wrap">
            <span class="self-center">{{ __('help.kept', [
                'count' => count($kept), 'names' => implode(', ', array_slice($kept, 0, 6)),
            ]) }}</span>
            <button class="button">{{ __('help.try_again') }}</button>
        </x-inline>
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
        @if ($run->isOpen())
            data-lines="{{ App\Storage\Lines::address($run->id) }}" data-at="{{ $standing->at }}"
        @endif
        data-refresh="{{ $run->isOpen() ? 4 : 0 }}">@include('runs.standing')</div>
    </div>
    <section class="mt-10 grid gap-2 border-t-[1.5px] border-ink pt-4" aria-label="{{ __('runs.about') }}">
        <div class="flex flex-wrap items-start gap-3.5">
            <a class="button" href="{{ route('runs.csv', $run) }}">
                <x-icon name="download"/>{{ __('runs.download') }}
            </a>
        </div>
    </section>
</x-layout.teacher>

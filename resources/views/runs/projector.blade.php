{{-- To be read from the back row: how to join, and how many are there. --}}
<x-layout.base :title="$run->code" page="projector" body="teacher projector">
    <main id="main" class="grid min-h-screen grid-rows-[auto_1fr_auto] gap-4 p-[4vmin]">
        <p class="flex flex-wrap items-baseline justify-between gap-6 text-[max(1.1rem,2.4vmin)]">
            <strong class="font-title">{{ $run->edition->title() }} · {{ $run->label }}</strong>
            <span class="flex flex-wrap items-baseline gap-6">
                @if ($run->plays_as === 'class')
                    <a class="button primary" href="{{ route('runs.front', $run) }}">{{ __('front.open') }}</a>
                @endif
                <a href="{{ route('runs.show', $run) }}">{{ __('runs.projector.back') }}</a>
            </span>
        </p>
        <div class="grid items-center gap-[4vmin] md:grid-cols-[3fr_2fr]">
            <div>
                <h1 class="sr-only">{{ __('runs.projector.title') }}</h1>
                <p class="text-[max(1.2rem,3.4vmin)]">{{ __('runs.go_to') }}</p>
                <p class="font-title text-[max(1.4rem,5vmin)] leading-tight font-bold [overflow-wrap:anywhere]">{{
                    Str::after(url('/'), '//')
                }}</p>
                <p class="mt-[3vmin] text-[max(1.2rem,3.4vmin)]">{{ __('runs.projector.type') }}</p>
                <p class="run-code font-code text-[max(4rem,17vmin)] leading-none font-bold tracking-[0.1em]"
                    aria-label="{{ __('runs.code') }}">{{ $run->code }}</p>
            </div>
            <div class="code-picture" data-code-picture="{{ url('/p/'.$run->code) }}"
                data-name="{{ __('runs.projector.picture', ['address' => url('/p/'.$run->code)]) }}"></div>
        </div>
        <div id="standing" class="text-[max(1.2rem,4vmin)]" data-address="{{ route('runs.sum', $run, false) }}"
            data-pulse="{{ App\Storage\Pulse::address($run->id) }}"
            data-refresh="{{ $run->isOpen() ? 3 : 0 }}">@include('runs.sum')</div>
    </main>
</x-layout.base>

@use('App\View\Moment')
@use('App\View\RunStanding')
<x-layout.base :title="__('play.finish.certificate')" body="player receipt">
    <main class="mx-auto max-w-[52rem] px-5 py-6">
        <p class="mb-4 print:hidden"><a href="/p/{{ $run->code }}">{{ __('play.to_game') }}</a></p>
        <div class="on-card grid gap-5 border-[10px] border-double border-ink p-10 text-center">
            <p class="caps">{{ __('play.finish.certificate') }}</p>
            <p class="font-title text-[2.6rem] leading-tight font-bold [overflow-wrap:anywhere]">{{ $play->name }}</p>
            @if ($play->members->isNotEmpty())
                <p>{{ $play->members->pluck('name')->implode(', ') }}</p>
            @endif
            <p class="text-lead">{{ __('play.finish.through') }}</p>
            <h1 class="text-[2rem]" {{ $run->edition->speaks() }}>{{ $run->edition->title() }}</h1>
            <p>{{ __('play.finished.time', ['time' => RunStanding::clock($play->secondsPlayed())]) }}
                @if ($run->shows_order && $play->place)
                    · {{ __('play.finished.place', ['place' => $play->place]) }}
                @endif
            </p>
            <p class="text-quiet">{{ Moment::date($play->ended_at, $run->zone) }}</p>
            <p class="text-quiet">{{ __('play.finish.code') }}
                <strong class="font-code text-ink">{{ $sign }}</strong></p>
        </div>
        <p class="mt-4 text-small print:hidden">{{ __('play.receipt.print') }}</p>
    </main>
</x-layout.base>

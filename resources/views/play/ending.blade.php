<section class="ending on-card border-y-6 border-double border-ink px-2 py-6 text-center text-[1.2rem]">
    @if ($ending['kind'] === 'won')
        <img class="ending-lamp mx-auto mb-3 size-20" src="/lamp.svg" alt="" width="80" height="80">
    @endif
    <p class="caps">{{ __("play.endings.{$ending['kind']}") }}</p>
    <div class="words mx-auto mt-2.5 max-w-160" {{ $screen->speaks() }}>{!! $screen->html($ending['md']) !!}</div>
    @if ($screen->state->endedAt !== null && $ending['kind'] !== 'lost' && ! $screen->saysAtEnd('time', 'minutes'))
        <p class="mt-3">{{ __('play.finished.time', ['time' => $screen->timePlayed()]) }}</p>
    @endif
    @if ($screen->rules->order && $screen->state->place !== null && ! $screen->saysAtEnd('place'))
        <p class="font-title text-sign font-bold">{{
            __('play.finished.place', ['place' => $screen->state->place])
        }}</p>
    @endif
    @php($isThrough = $ending['kind'] !== 'lost')
    @php($finish = array_filter([
        'certificate' => $isThrough && $screen->rules->certificate, 'emblem' => $isThrough && $screen->rules->wall,
        'wall' => $screen->rules->wall,
    ]))
    @if (! $frame->isRehearsal && ($ending['receipt'] || $ending['again'] || $finish !== []))
        <div class="mt-5 flex flex-wrap justify-center gap-4">
            @foreach (array_keys($finish) as $page)
                <a class="button" href="{{ $frame->address }}/{{ $page }}">{{ __("play.finish.{$page}") }}</a>
            @endforeach
            @if ($ending['receipt'])
                <a class="button" href="{{ $frame->address }}/receipt">{{ __('play.receipt.keep') }}</a>
            @endif
            @if ($ending['again'] && $screen->rules->again)
                <form method="post" action="{{ $frame->address }}/anew">
                    @foreach ($frame->fields as $name => $value)
                        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                    @endforeach
                    <button class="button">{{ __('play.receipt.again') }}</button>
                </form>
            @endif
        </div>
    @endif
</section>

<section class="ending on-card border-y-6 border-double border-ink px-2 py-6 text-center text-[1.2rem]">
    <p class="caps">{{ __("play.endings.{$ending['kind']}") }}</p>
    <div class="words mx-auto mt-2.5 max-w-160" {{ $screen->speaks() }}>{!! $screen->html($ending['md']) !!}</div>
</section>

<main class="scene {{ $screen->isStage() ? 'scene-stage' : '' }}" id="scene-main" data-scene="{{ $screen->sceneId() }}"
    @if ($screen->sound()) data-sound="{{ $frame->clip($screen->sound()) }}" @endif>
    @if ($screen->backdrop())
        <img class="scene-beyond" src="{{ $screen->backdrop()['url'] }}" alt="" draggable="false">
    @endif
    <header class="scene-head flex items-center justify-between gap-4 py-3.5">
        <h1 tabindex="-1" class="min-w-0 text-sign [overflow-wrap:anywhere]
            focus:outline-none phone:text-[1.7rem]" {{ $screen->speaks() }}>{{
            $screen->title()
        }}</h1>
        <div class="flex flex-none flex-wrap items-center justify-end gap-x-4 max-phone:max-w-[45%]">
            @include('play.sound-tools')
            @if (count($screen->view->chapters) > 1)
                @include('play.stamps')
            @endif
        </div>
    </header>
    @if ($frame->tellsAbove($turn, $screen))
        @include('play.happened')
    @endif
    <div class="happened-live not-empty:mb-3.5" id="happened"></div>
    @php($film = App\Play\FilmView::at($screen))
    @if ($film)
        @include('play.film.stop')
    @elseif ($screen->isStage())
        @include('play.stage')
    @elseif ($screen->backdrop())
        <img src="{{ $screen->backdrop()['url'] }}" alt="{{ $screen->backdrop()['alt'] }}"
            class="backdrop block aspect-video
            w-full rounded-t-board object-cover phone:aspect-16/7 md:aspect-auto md:h-[clamp(9rem,30vh,20rem)]">
    @endif
    @unless ($film)
    <div @class([
        'things grid',
        'gap-5.5' => ! $screen->isStage(),
        'tiles-'.App\Play\Tiles::columns($screen) => $screen->isStage(),
        'on-card rounded-board p-4 phone:px-7 phone:pt-6 phone:pb-7' => ! $screen->isStage(),
    ])>
        @foreach ($screen->view->things as $thing)
            @include('play.thing')
        @endforeach
        @if ($screen->view->scene['ending'] ?? null)
            @include('play.ending', ['ending' => $screen->view->scene['ending']])
        @endif
        @if (! $screen->isStage())
            @include('play.cover-again')
        @endif
        @if ($screen->view->continues || $screen->view->back)
            @include('play.onward')
        @endif
    </div>
    @endunless
    @if ($screen->rules->isTeam)
        @include('play.elsewhere', ['elsewhere' => $elsewhere ?? $screen->elsewhere()])
    @endif
    @php($credits = $screen->credits())
    @if ($credits !== [])
        <details class="order-last text-note text-(--here-quiet)">
            <summary class="inline-flex min-h-[44px] items-center underline underline-offset-[3px]">{{
                __('play.credits')
            }}</summary>
            <ul>
                @foreach ($credits as $credit)
                    <li>{{ $credit }}</li>
                @endforeach
            </ul>
        </details>
    @endif
</main>

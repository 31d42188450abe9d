@php($view = $screen->view)
@php($isStage = ($view->scene['layout'] ?? '') === 'stage')
<main class="scene {{ $isStage ? 'scene-stage' : '' }}" id="scene-main" data-scene="{{ $view->scene['id'] ?? '' }}">
    <header class="scene-head">
        <h1 tabindex="-1" {{ $screen->speaks() }}>{{ $view->scene['title'] ?? '' }}</h1>
        @if (count($view->chapters) > 1)
            <ol class="stamps" aria-label="{{ __('play.chapters') }}">
                @foreach ($view->chapters as $number => $stamp)
                    <li class="stamp stamp-{{ $stamp['state'] }}"><span aria-hidden="true">{{ $number + 1 }}</span><span class="hidden-words">{{ $stamp['title'] ?? __('play.chapter', ['number' => $number + 1]) }}: {{ __("play.stamps.{$stamp['state']}") }}</span></li>
                @endforeach
            </ol>
        @endif
    </header>
    @if ($turn)@include('play.happened')@endif
    <div class="happened-live" id="happened"></div>
    @if ($isStage)
        @include('play.stage')
    @elseif ($screen->edition->url($view->scene['backdrop']['asset'] ?? null))
        <img class="backdrop" src="{{ $screen->edition->url($view->scene['backdrop']['asset']) }}" alt="{{ $view->scene['backdrop']['alt'] ?: $screen->edition->alt($view->scene['backdrop']['asset']) }}">
    @endif
    <div class="things">
        @foreach ($view->things as $thing)
            @include('play.thing')
        @endforeach
        @if ($view->scene['ending'] ?? null)
            <section class="ending ending-{{ $view->scene['ending']['kind'] }}">
                <p class="caps">{{ __("play.endings.{$view->scene['ending']['kind']}") }}</p>
                <div class="words" {{ $screen->speaks() }}>{!! $screen->html($view->scene['ending']['md']) !!}</div>
            </section>
        @endif
        @if ($view->continues || $view->back)
            <div class="onward">
                @if ($view->back)
                    <form method="post" action="{{ $frame->address }}" class="act">@include('play.fields', ['verb' => 'back', 'on' => ''])<button class="button"><x-icon name="arrow-left"/>{{ __('play.back') }}</button></form>
                @endif
                @if ($view->continues)
                    <form method="post" action="{{ $frame->address }}" class="act">@include('play.fields', ['verb' => 'continue', 'on' => ''])<button class="button primary">{{ __('play.continue') }}<x-icon name="arrow-right"/></button></form>
                @endif
            </div>
        @endif
    </div>
</main>

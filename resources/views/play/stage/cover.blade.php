@php($face = $thing['face'])
@php($byHand = ($thing['lifted'] ? $thing['toggle'] : $thing['opens'] !== 'lock'))
<foreignObject x="{{ $x }}" y="{{ $y }}" width="{{ $width }}" height="{{ $height }}">
    <form method="post" action="{{ $frame->address }}" class="act stage-act">
        @include('play.fields', ['verb' => $thing['lifted'] ? 'lower' : 'lift', 'on' => $thing['id']])
        <button class="stage-cover {{ $thing['lifted'] ? 'stage-cover-lifted' : '' }}" @disabled(! $byHand) aria-label="{{ ($thing['lifted'] ? $screen->plain($face['md']) : '') ?: ($thing['label'] ?: __('play.cover')) }}">
            @if ($face['colour'])<svg class="stage-cover-colour" aria-hidden="true" preserveAspectRatio="none" viewBox="0 0 1 1"><rect width="1" height="1" fill="{{ $face['colour'] }}"/></svg>@endif
            @if ($screen->edition->url($face['asset']))<img src="{{ $screen->edition->url($face['asset']) }}" alt="" draggable="false">@endif
            <span class="words">{!! $screen->html($face['md']) !!}</span>
        </button>
    </form>
</foreignObject>

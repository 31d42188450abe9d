@php($name = $thing['label'] ?: ($screen->plain($thing['md']) ?: $screen->edition->alt($thing['asset'])))
<foreignObject x="{{ $x }}" y="{{ $y }}" width="{{ $width }}" height="{{ $height }}">
    <form method="post" action="{{ $frame->address }}" class="act stage-act">
        @include('play.fields', ['verb' => 'choose', 'on' => $thing['id']])
        @if ($thing['look'] === 'picture' && $screen->edition->url($thing['asset']))
            <button class="stage-picture" aria-label="{{ $name }}"><img src="{{ $screen->edition->url($thing['asset']) }}" alt="" draggable="false"></button>
        @elseif ($thing['look'] === 'clear')
            <button class="stage-clear shape-{{ $thing['shape'] }}" @if ($thing['shape'] === 'polygon') data-points="{{ json_encode($thing['points']) }}" @endif aria-label="{{ $name ?: __('play.place') }}"></button>
        @else
            <button class="stage-choice"><span {{ $screen->speaks() }}>{!! $screen->inline($thing['md']) ?: e($name ?: __('play.continue')) !!}</span></button>
        @endif
    </form>
</foreignObject>

@php($name = $thing['label'] ?: $screen->plain($thing['ask']))
<foreignObject x="{{ $x }}" y="{{ $y }}" width="{{ $width }}" height="{{ $height }}">
    <a class="stage-lock stage-lock-{{ $thing['look'] }} shape-{{ $thing['shape'] }} @if ($thing['state'] === 'open') stage-lock-open @endif" @if ($thing['shape'] === 'polygon') data-points="{{ json_encode($thing['points']) }}" @endif href="#thing-{{ $thing['id'] }}" data-panel="{{ $thing['id'] }}" role="button" aria-label="{{ $name }}">
        @if ($thing['look'] === 'picture' && $screen->edition->url($thing['asset']))
            <img src="{{ $screen->edition->url($thing['asset']) }}" alt="" draggable="false">
        @elseif ($thing['look'] === 'plate')
            <x-icon :name="$thing['state'] === 'open' ? 'lock-open' : 'lock'"/><span>{{ $name }}</span>
        @endif
    </a>
</foreignObject>

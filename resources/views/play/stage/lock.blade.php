@use('App\Play\OnStage')
@if ($thing['look'] === 'object')
    <image class="stage-object" {{ OnStage::box($thing) }} href="/objects/{{ $thing['object'] }}-{{
        $thing['state'] === 'open' ? 'open' : 'shut'
    }}.svg"/>
@endif
<foreignObject {{ OnStage::box($thing) }}>
    <a @class([
        "stage-lock stage-lock-{$thing['look']} shape-{$thing['shape']}",
        'stage-lock-open' => $thing['state'] === 'open',
    ]) {{ OnStage::outline($thing) }} href="#thing-{{ $thing['id'] }}" data-panel="{{ $thing['id'] }}" role="button"
        data-state="{{ $thing['state'] }}" data-name="{{ $screen->calledOn($thing) }}"
        aria-label="{{ $screen->triedOn($thing) }}">
        @if ($thing['look'] === 'picture' && $screen->edition->url($thing['asset']))
            <img src="{{ $screen->edition->url($thing['asset']) }}" alt="" draggable="false">
        @elseif ($thing['look'] === 'plate')
            <x-icon :name="$thing['state'] === 'open' ? 'lock-open' : 'lock'" class="untried"/>
            @include('play.stage.tried')
            <span {{ $screen->speaks() }}>{{ $screen->onPlate($thing) }}</span>
        @endif
    </a>
</foreignObject>
@if ($thing['state'] === 'open' && ! in_array($thing['look'], ['plate', 'object'], true))
    <x-mark verdict="open" class="stage-done" :x="$thing['box'][0] + $thing['box'][2] - 44" :y="$thing['box'][1] - 16"
        width="60" height="60"/>
@endif

@use('App\Play\OnStage')
<foreignObject {{ OnStage::box($thing) }}>
    <a @class([
        "stage-lock stage-lock-{$thing['look']} shape-{$thing['shape']}",
        'stage-lock-open' => $thing['state'] === 'open',
    ]) {{ OnStage::outline($thing) }} href="#thing-{{ $thing['id'] }}" data-panel="{{ $thing['id'] }}" role="button"
        aria-label="{{ $thing['label'] ?: $screen->plain($thing['ask']) }}">
        @if ($thing['look'] === 'picture' && $screen->edition->url($thing['asset']))
            <img src="{{ $screen->edition->url($thing['asset']) }}" alt="" draggable="false">
        @elseif ($thing['look'] === 'plate')
            <x-icon :name="$thing['state'] === 'open' ? 'lock-open' : 'lock'"/>
            <span>{{ $thing['label'] ?: $screen->plain($thing['ask']) }}</span>
        @endif
    </a>
</foreignObject>

@use('App\Play\OnStage')
<foreignObject {{ OnStage::box($thing) }}>
    <a class="stage-lock stage-lock-plate" href="#thing-{{ $thing['id'] }}" data-panel="{{ $thing['id'] }}"
        role="button">
        <span>{{ $thing['label'] ?: ($screen->plain($thing['md'] ?? '') ?: __('play.look')) }}</span>
    </a>
</foreignObject>

@use('App\Play\OnStage')
@if ($screen->edition->url($thing['asset']))
    <image href="{{ $screen->edition->url($thing['asset']) }}" {{ OnStage::box($thing) }}
        {{ OnStage::called($thing['label'] ?: $screen->edition->alt($thing['asset'])) }}/>
@endif

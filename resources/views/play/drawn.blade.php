@use('App\Play\OnStage')
<g class="{{ OnStage::flow($thing) }}" data-drawn="{{ $thing['id'] }}" {{ OnStage::turn($thing) }}>
    @includeFirst(['play.stage.'.$thing['kind'], 'play.stage.other'])
</g>

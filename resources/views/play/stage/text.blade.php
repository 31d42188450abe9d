@use('App\Play\OnStage')
<foreignObject {{ OnStage::box($thing) }}>
    <div @class(["stage-text stage-{$thing['size']} stage-{$thing['colour']} words", 'stage-plate' => $thing['plate']])
        {{ $screen->speaks() }} data-fit>{!! $screen->html($thing['md']) !!}</div>
</foreignObject>

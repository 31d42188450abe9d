@if ($face['colour'])
    <svg class="stage-cover-colour" aria-hidden="true" preserveAspectRatio="none" viewBox="0 0 1 1"><rect
        width="1" height="1" fill="{{ $face['colour'] }}"/></svg>
@endif
@if ($screen->edition->url($face['asset']))
    <img src="{{ $screen->edition->url($face['asset']) }}" alt="" draggable="false">
@endif
<span @class(['words', "face-{$face['size']}", "face-{$face['ink']}" => $face['ink'] !== ''])
    {{ $screen->speaks() }}>{!!
    $screen->html($face['md'])
!!}</span>

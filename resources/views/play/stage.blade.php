@use('App\Play\OnStage')
{{-- The stage: 1600 × 900 units whatever the window; what is not drawn stands in the list under it. --}}
<div class="stage-frame" data-stage-frame>
    <svg class="stage" viewBox="0 0 1600 900" role="group" aria-label="{{ $screen->title() }}">
        <rect width="1600" height="900" @if ($screen->view->scene['backdrop']['colour'] ?? null)
            fill="{{ $screen->view->scene['backdrop']['colour'] }}" @else class="stage-ground" @endif/>
        @if ($screen->backdrop())
            <image href="{{ $screen->backdrop()['url'] }}" width="1600" height="900"
                preserveAspectRatio="xMidYMid slice"
                {{ OnStage::called($screen->backdrop()['alt']) }}/>
        @endif
        @foreach (OnStage::of($screen) as $thing)
            <g {{ OnStage::turn($thing) }}>
                @includeFirst(['play.stage.'.$thing['kind'], 'play.stage.other'])
            </g>
        @endforeach
    </svg>
</div>
<p class="stage-tools">
    <button type="button" class="link" data-stage-fit hidden><x-icon name="maximize"/><span>{{
        __('play.stage.whole')
    }}</span></button>
    @if ($frame->isRehearsal)
        <button type="button" class="link" data-stage-areas aria-pressed="false"><x-icon name="eye"/>{{
            __('play.stage.areas')
        }}</button>
    @endif
    <button type="button" class="link" data-stage-list aria-expanded="false"><x-icon name="list"/>{{
        __('play.stage.list')
    }}</button>
</p>

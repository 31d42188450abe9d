@use('App\Play\OnStage')
{{-- The stage: 1600 × 900 units whatever the window; what is not drawn stands in the list under it. --}}
@php([$cut, $phoneCut] = [OnStage::cut($screen, true), OnStage::cut($screen, false)])
<div @class([
    'stage-frame', 'stage-bare' => OnStage::isBare($screen),
    "cut-{$cut?->shape}" => $cut, "phone-cut-{$phoneCut?->shape}" => $phoneCut,
]) data-stage-frame @if ($cut) data-cut="{{ $cut->box() }}" @endif
    @if ($phoneCut) data-phone-cut="{{ $phoneCut->box() }}" @endif tabindex="0" role="group"
    aria-label="{{
    __('play.near_help', ['picture' => $screen->title()])
}}">
    <svg class="stage" viewBox="0 0 1600 900" role="group" aria-label="{{ $screen->title() }}">
        <rect width="1600" height="900" @if ($screen->view->scene['backdrop']['colour'] ?? null)
            fill="{{ $screen->view->scene['backdrop']['colour'] }}" @else class="stage-ground" @endif/>
        @if ($screen->backdrop())
            <image href="{{ $screen->backdrop()['url'] }}" width="1600" height="900"
                preserveAspectRatio="xMidYMid slice"
                {{ OnStage::called($screen->backdrop()['alt']) }}/>
        @endif
        @foreach (OnStage::of($screen) as $thing)
            @include('play.drawn')
        @endforeach
    </svg>
</div>
<div class="stage-tools">
    <button type="button" class="link by-script" data-stage-near><x-icon name="zoom-in"/>{{
        __('play.nearer')
    }}</button>
    <button type="button" class="link" data-stage-whole hidden><x-icon name="maximize"/>{{
        __('play.stage.whole')
    }}</button>
    @if ($frame->isRehearsal)
        <button type="button" class="link" data-stage-areas aria-pressed="false"><x-icon name="eye"/>{{
            __('play.stage.areas')
        }}</button>
    @endif
    @include('play.cover-again')
    <button type="button" class="link" data-stage-list aria-expanded="false"><x-icon name="list"/>{{
        __('play.stage.list')
    }}</button>
</div>
@if ($screen->isFinding())
    <div class="finding" data-finding hidden>
        <p>{{ __('play.finding.task') }}</p>
        <p role="status" data-finding-said></p>
        <button type="button" class="link min-h-[44px]" data-finding-help><x-icon name="lightbulb"/>{{
            __('play.finding.help')
        }}</button>
    </div>
@endif

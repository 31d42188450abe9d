@if ($thing['state'] === 'waiting' && ! $turnHere?->verdict())
    <p class="said said-waiting" data-done>{{ __('play.voice.waiting')[0] }}</p>
@elseif ($thing['returned'] !== '')
    <p class="said said-returned"><span><strong>{{ __('play.returned') }}</strong> {{ $thing['returned'] }}</span></p>
@endif
@if ($thing['round'])
    @include('play.things.round', ['round' => $thing['round']])
@endif
<form method="post" action="{{ $frame->address }}" class="act answer flex flex-wrap items-end gap-3.5"
    data-answer="{{ $thing['id'] }}">
    @include('play.fields', ['verb' => 'answer', 'on' => $thing['id']])
    @include('play.inputs.'.$thing['input']['type'], [
        'input' => $thing['input'], 'id' => $thing['id'], 'typed' => $frame->typedFor($thing['id']) ?? $thing['held'],
    ])
    <div class="max-phone:w-full">
        <button class="button try min-h-[50px] border-ink bg-ink text-paper hover:bg-deep max-phone:w-full">{{
            __('play.try')
        }}</button>
    </div>
</form>
<p class="guard flex items-center gap-2.5 text-[1.05rem]" data-guard @if ($thing['wait'] === 0) hidden @endif>
    <x-icon name="timer"/>
    <span>{!! str_replace(
        ':seconds',
        '<strong class="font-code text-[1.4rem]" data-left>'.$thing['wait'].'</strong>',
        e(__('play.again')),
    ) !!}</span>
</p>
<div class="feedback" data-feedback>@include('play.feedback')</div>
<div class="hints" data-hints>@foreach ($thing['hints'] as $hint)<div class="hint words"><x-icon name="lightbulb"/><div
    {{ $screen->speaks() }}>{!! $screen->html($hint) !!}</div></div>@endforeach</div>
<form method="post" action="{{ $frame->address }}" class="act" data-hint-form
    @unless ($thing['hint']) hidden @endunless>
    @include('play.fields', ['verb' => 'hint', 'on' => $thing['id']])
    <button class="link min-h-[44px]"><x-icon name="lightbulb"/>{{ __('play.hint') }}</button>
</form>

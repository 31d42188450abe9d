@use('App\Play\FindBoard')
{{-- What is asked now, how far it is, and what came of the last box. --}}
<div class="find-band">
    @if ($thing['isDone'])
        <p class="find-prompt find-title"><x-mark verdict="open"/>{{ __('play.find.done') }}</p>
    @else
        <div class="find-prompt words find-{{ FindBoard::sizeOfPrompt($thing, $screen) }}" data-find-prompt
            {{ $screen->speaks() }}>{!!
            $screen->html($thing['prompt'])
        !!}</div>
    @endif
    <div class="feedback find-said">@include('play.feedback', [
        'turnHere' => $frame->turnAt($turn, $thing['id']),
    ])</div>
    <p class="find-count">
        <span>{{ __('play.find.found', ['found' => $thing['found'], 'of' => $thing['of']]) }}</span>
        <span>{{ __('play.find.wrong', ['count' => $thing['wrong']]) }}</span>
    </p>
    @if ($thing['again'])
        <form method="post" action="{{ $frame->address }}" class="act">
            @include('play.fields', ['verb' => 'lower', 'on' => $thing['id']])
            <button class="button">{{ __('play.find.again') }}</button>
        </form>
    @endif
</div>

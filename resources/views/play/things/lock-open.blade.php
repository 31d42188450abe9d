@use('App\Play\OwnAnswer')
{{-- What is done stays: the student's own answer, and the words it earned. --}}
<div class="done flex items-start gap-3.5" data-done>
    @if ($thing['tells'] !== 'noted' && ! $thing['isGiven'])
        <x-mark verdict="open"/>
    @endif
    <div class="grid gap-1">
        @if ($thing['isGiven'])
            <p>{{ __('play.given') }}</p>
        @elseif ($screen->voice->head($thing['id'], 'open', [$screen->html($thing['said'])]) !== '')
            <strong>{{ $screen->voice->head($thing['id'], 'open', [$screen->html($thing['said'])]) }}</strong>
        @endif
        @if ($thing['said'] !== '')
            <div class="words max-w-160" {{ $screen->speaks() }}>{!! $screen->html($thing['said']) !!}</div>
        @elseif ($turnHere && ! $thing['isGiven'])
            <p>{{ $turnHere->wordsUnsaid() }}</p>
        @endif
        @if (OwnAnswer::html($thing, $screen) !== '')
            <p class="own-answer"><span class="text-small text-quiet">{{ __('play.inputs.answer') }}:</span>
                <span {{ $screen->speaks() }}>{!! OwnAnswer::html($thing, $screen) !!}</span></p>
        @endif
    </div>
</div>
<div class="feedback empty:hidden"></div>
@if ($thing['opened'] !== '')
    <div class="words max-w-160" {{ $screen->speaks() }}>{!! $screen->html($thing['opened']) !!}</div>
@endif
@if ($thing['leads'])
    <form method="post" action="{{ $frame->address }}" class="act">
        @include('play.fields', ['verb' => 'choose', 'on' => $thing['id']])
        <button class="button primary">{{ __('play.continue') }}<x-icon name="arrow-right"/></button>
    </form>
@endif

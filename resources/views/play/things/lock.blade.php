@php($isOpen = $thing['state'] === 'open')
@php($turnHere = $turn && (($turn->verdict()['lock'] ?? null) === $thing['id'] || ($turn->refusal() && request('on') === $thing['id'])) ? $turn : null)
@php($typed = $turnHere ? request('with') : $frame->typedFor($thing['id']))
<div class="lock lock-{{ $thing['state'] }}" data-lock="{{ $thing['id'] }}" data-wait="{{ $thing['wait'] }}">
    @if ($thing['label'] !== '')<h2 class="lock-label" {{ $screen->speaks() }}><x-icon :name="$isOpen ? 'lock-open' : 'lock'"/>{{ $thing['label'] }}</h2>@endif
    <div class="words ask" {{ $screen->speaks() }} id="ask-{{ $thing['id'] }}">{!! $screen->html($thing['ask']) !!}</div>
    @if ($isOpen)
        <div class="feedback">@include('play.feedback', ['turnHere' => $turnHere])</div>
        @unless ($turnHere)<p class="verdict verdict-open"><x-mark verdict="open"/><strong>{{ __('play.verdict.open') }}</strong></p>@endunless
        @if ($thing['opened'] !== '')<div class="words" {{ $screen->speaks() }}>{!! $screen->html($thing['opened']) !!}</div>@endif
        @if ($thing['leads'])
            <form method="post" action="{{ $frame->address }}" class="act">@include('play.fields', ['verb' => 'choose', 'on' => $thing['id']])<button class="button primary">{{ __('play.continue') }}<x-icon name="arrow-right"/></button></form>
        @endif
    @else
        <form method="post" action="{{ $frame->address }}" class="act answer" data-answer="{{ $thing['id'] }}">
            @include('play.fields', ['verb' => 'answer', 'on' => $thing['id']])
            @include('play.inputs.'.$thing['input']['type'], ['input' => $thing['input'], 'id' => $thing['id'], 'typed' => $typed])
            <div class="answer-end"><button class="button primary try">{{ __('play.try') }}</button></div>
        </form>
        <p class="guard" data-guard @if ($thing['wait'] === 0) hidden @endif><x-icon name="timer"/><span>{!! str_replace(':seconds', '<strong data-left>'.$thing['wait'].'</strong>', e(__('play.again'))) !!}</span></p>
        <div class="feedback" data-feedback>@include('play.feedback', ['turnHere' => $turnHere])</div>
        <div class="hints" data-hints>@foreach ($thing['hints'] as $hint)<div class="hint words"><x-icon name="lightbulb"/><div {{ $screen->speaks() }}>{!! $screen->html($hint) !!}</div></div>@endforeach</div>
        <form method="post" action="{{ $frame->address }}" class="act hint-form" data-hint-form @unless ($thing['hint']) hidden @endunless>@include('play.fields', ['verb' => 'hint', 'on' => $thing['id']])<button class="link"><x-icon name="lightbulb"/>{{ __('play.hint') }}</button></form>
    @endif
</div>

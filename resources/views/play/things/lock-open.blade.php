<div class="feedback empty:hidden">@include('play.feedback')</div>
@unless ($turnHere)
    <p class="flex items-center gap-2.5"><x-mark verdict="open"/><strong>{{ __('play.verdict.open') }}</strong></p>
@endunless
@if ($thing['opened'] !== '')
    <div class="words max-w-160" {{ $screen->speaks() }}>{!! $screen->html($thing['opened']) !!}</div>
@endif
@if ($thing['leads'])
    <form method="post" action="{{ $frame->address }}" class="act">
        @include('play.fields', ['verb' => 'choose', 'on' => $thing['id']])
        <button class="button primary">{{ __('play.continue') }}<x-icon name="arrow-right"/></button>
    </form>
@endif
